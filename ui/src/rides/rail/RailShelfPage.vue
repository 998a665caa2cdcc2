<script setup lang="ts">
import { beginCore, carryCore } from '../../device/core'
import LinkButton from '../../house/LinkButton.vue'
import { onMounted, ref } from 'vue'
import { signedIn } from '../../house/signIn'
import AdviceNote from './AdviceNote.vue'
import { carriesSetUps, carrySetUps } from './carry'
import WaitingNote from './WaitingNote.vue'
import { sheetsOf, tidy, type KeptSheet } from './pocket'
import { flush, sendFor } from './sender'

/** What this device carries: sessions to ride without a signal, and rides taken up. */
const me = signedIn.value!.me!
const sheets = ref<KeptSheet[]>([])
/** Core lies on this device, for a place without a signal. */
const kept = ref(false)
/** Horses whose set-ups lie on this device. */
const built = ref<string[]>([])
beginCore()
onMounted(async () => {
  carryCore().then(
    (all) => (kept.value = all),
    () => undefined,
  )
  sendFor(me.id)
  await flush()
  await tidy(me.id, signedIn.value?.today ?? '')
  sheets.value = (await sheetsOf(me.id)).sort(
    (a, b) => Number(b.open) - Number(a.open) || a.sheet.horseName.localeCompare(b.sheet.horseName),
  )
  for (const horseId of new Set(sheets.value.map((s) => s.sheet.horseId))) {
    await carrySetUps(me.id, horseId).catch(() => undefined)
    if (await carriesSetUps(me.id, horseId)) built.value = [...built.value, horseId]
  }
})
</script>

<template>
  <main id="main" class="max-w-720px mx-auto py-22px px-16px">
    <header class="page-head">
      <h1>On this device</h1>
      <span class="quiet">{{ me.name }}</span>
      <div class="actions"><LinkButton to="/">Today</LinkButton></div>
    </header>
    <div class="card stack">
      <WaitingNote />
      <AdviceNote :kept="kept" />
      <p v-if="sheets.length === 0" class="quiet">
        Nothing yet. Open Today with a signal once: what is planned is then carried here, and works without
        one.
      </p>
      <ul class="grid gap-10px">
        <li v-for="s in sheets" :key="s.key" class="flex gap-10px">
          <RouterLink
            class="rail-key flex-1"
            :to="{ name: 'rail', params: { horseId: s.sheet.horseId, sessionId: s.sheet.session?.id ?? '' } }"
          >
            {{ s.sheet.horseName }}
            <small>{{ s.sheet.session?.emphasis ?? 'Not planned' }}{{ s.open ? ', taken up' : '' }}</small>
          </RouterLink>
          <RouterLink
            v-if="built.includes(s.sheet.horseId)"
            class="rail-key"
            :to="{ name: 'set-ups', params: { horseId: s.sheet.horseId } }"
          >
            Set-ups
            <small>to build from</small>
          </RouterLink>
        </li>
      </ul>
    </div>
  </main>
</template>

<style scoped>
.rail-key {
  text-decoration: none;
}
</style>

<style src="./rail.css"></style>

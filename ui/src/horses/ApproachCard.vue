<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { computed, ref } from 'vue'
import { ask, client } from '../api/client'
import type { Temperament, TopicView } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import ChipRow from '../house/ChipRow.vue'
import PickOne from '../house/PickOne.vue'
import { useApproach } from '../house/queries'
import { trains } from '../house/signIn'
import { options, temperamentWords } from '../house/words'

/** How things are gone about: with a horse (the default, the yard's or its own), or in the yard where none is named. */
const props = defineProps<{ horseId?: string }>()
const changed = useChanged()
const { data: approach } = useApproach(() => props.horseId)
const all = ref(false)
const shown = computed(() => (approach.value?.topics ?? []).filter((t) => all.value || t.from !== 'default'))
const fromWords = { default: 'default', yard: 'as the yard does', own: 'its own' }
const held = (t: TopicView) => t.choices.find((c) => c.id === t.holds)
const others = (t: TopicView) => t.choices.filter((c) => c.id !== t.holds)
const refresh = () => changed(props.horseId ? bearsUpon.horse(props.horseId) : bearsUpon.approach)
const mine = computed(() => (props.horseId ? 'own' : 'yard'))

async function temper(temperament: Temperament | null) {
  await ask(() =>
    client.PUT('/api/horses/{horseId}/temperament', {
      params: { path: { horseId: props.horseId! } },
      body: { temperament },
    }),
  )
  await refresh()
}

async function choose(t: TopicView, choice: string | null) {
  const body = { question: t.question, choice }
  const { horseId } = props
  await ask(() =>
    horseId
      ? client.PUT('/api/horses/{horseId}/approach', { params: { path: { horseId } }, body })
      : client.PUT('/api/approach', { body }),
  )
  await refresh()
}
</script>

<template>
  <section v-if="approach" class="card stack gap-12px">
    <div class="row spread">
      <h2>{{ horseId ? 'Approach and temperament' : 'How this yard goes about it' }}</h2>
      <Button type="link" size="small" :aria-expanded="all" @click="all = !all">
        {{ all ? 'Only what differs' : 'All questions' }}
      </Button>
    </div>
    <ChipRow
      v-if="horseId && trains()"
      :model-value="approach.temperament"
      label="Temperament"
      :choices="options(temperamentWords)"
      @update:model-value="(t) => temper(t as Temperament | null)"
    />
    <p v-else-if="horseId">
      {{ approach.temperament ? temperamentWords[approach.temperament] : 'Temperament not said.' }}
    </p>
    <p v-if="shown.length === 0" class="small quiet">Everything as by default.</p>
    <ul class="topics grid gap-10px">
      <li v-for="t in shown" :key="t.question" class="grid gap-2px leading-[1.3]">
        <span class="small quiet">{{ t.asks }}</span>
        <PickOne
          v-if="all && trains()"
          :value="t.holds"
          :aria-label="t.asks"
          :options="t.choices.map((c) => ({ value: c.id, label: c.says }))"
          @change="(id) => choose(t, id)"
        />
        <strong v-else>{{ held(t)?.says }}</strong>
        <span>{{ held(t)?.does }}</span>
        <span class="small quiet"
          >{{ fromWords[t.from] }}: {{ t.because }}<template v-if="t.by">, {{ t.by }}</template>
          <Button v-if="t.from === mine && trains()" type="link" size="small" @click="choose(t, null)">
            {{ horseId ? 'Go back to the yard’s' : 'Go back to the default' }}
          </Button></span
        >
        <details v-if="all" class="small">
          <summary>What the other answers change</summary>
          <ul class="grid gap-4px pt-4px">
            <li v-for="c in others(t)" :key="c.id">
              <strong>{{ c.says }}.</strong> {{ c.does }}
            </li>
          </ul>
        </details>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.topics .ant-btn {
  margin-left: 0.5em;
}
</style>

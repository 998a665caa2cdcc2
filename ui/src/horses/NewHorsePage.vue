<script setup lang="ts">
import LinkButton from '../house/LinkButton.vue'
import Button from 'ant-design-vue/es/button'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { ask, client } from '../api/client'
import type { HorseEntry } from '../api/schema'
import { keys, useChanged } from '../house/keys'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import HorseFields from './HorseFields.vue'

const entry = ref<HorseEntry>({ name: '', height: '', notes: '' })
const { problem, busy, attempt } = useProblem()
const router = useRouter()
const changed = useChanged()

async function add() {
  const horse = await attempt(() => ask(() => client.POST('/api/horses', { body: entry.value })))
  if (!horse) return
  await changed([keys.horses, keys.today, keys.week()])
  await router.push({ name: 'passport', params: { horseId: horse.id } })
}
</script>

<template>
  <main id="main" class="max-w-620px mx-auto py-28px px-20px grid gap-12px">
    <h1>A new horse</h1>
    <p class="quiet">
      Its height sets the first distances. Measure its stride next, and they become its own.
    </p>
    <form class="card stack" @submit.prevent="add">
      <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
      <HorseFields v-model="entry" />
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Add the horse</Button>
        <LinkButton to="/">Leave it</LinkButton>
      </div>
    </form>
  </main>
</template>

<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import DatePicker from 'ant-design-vue/es/date-picker'
import Input from 'ant-design-vue/es/input'
import { ref } from 'vue'
import { ask, client } from '../api/client'
import type { Goal, GoalEntry } from '../api/schema'
import FieldBox from '../house/FieldBox.vue'
import { useProblem } from '../house/faults'
import { longDay } from '../house/format'
import { bearsUpon, useChanged } from '../house/keys'
import { trains } from '../house/signIn'

/** What it works towards beyond one competition: a season, a level. */
const props = defineProps<{ horseId: string; goal: Goal | null }>()
const { problem, busy, attempt } = useProblem()
const changed = useChanged()
const entry = ref<GoalEntry | null>(null)

async function keep(sent: GoalEntry) {
  const kept = await attempt(() =>
    ask(() =>
      client.PUT('/api/horses/{horseId}/goal', { params: { path: { horseId: props.horseId } }, body: sent }),
    ),
  )
  if (!kept) return
  entry.value = null
  await changed(bearsUpon.horse(props.horseId))
}
</script>

<template>
  <section class="row spread goal" aria-label="The longer goal">
    <p v-if="!entry">
      <template v-if="goal"
        >Works towards <strong>{{ goal.name }}</strong><span class="quiet"
          >, by {{ longDay(goal.until) }}</span
        ></template
      >
      <span v-else class="quiet">A season or a level it works towards, beyond the next competition?</span>
    </p>
    <Button
      v-if="!entry && trains()"
      size="small"
      @click="entry = goal ? { ...goal } : { name: '', until: null }"
      >{{ goal ? 'Change the goal' : 'Say its goal' }}</Button
    >
    <form v-if="entry" class="row flex-1" @submit.prevent="keep(entry)">
      <FieldBox v-slot="{ id }" label="Works towards" name="name" class="flex-1"
        ><Input :id="id" v-model:value="entry.name!"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="By" name="until"
        ><DatePicker :id="id" v-model:value="entry.until!" value-format="YYYY-MM-DD" format="D MMM YYYY"
      /></FieldBox>
      <Button type="primary" html-type="submit" :disabled="busy">Keep</Button>
      <Button v-if="goal" :disabled="busy" @click="keep({ name: null, until: null })">No goal</Button>
      <Button @click="((entry = null), (problem = null))">Leave it</Button>
    </form>
  </section>
</template>

<style scoped>
.goal {
  padding: 10px 16px;
  background: var(--bank);
  border-radius: var(--round);
}
form :deep(.ant-form-item) {
  margin: 0;
}
</style>

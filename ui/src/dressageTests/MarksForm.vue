<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Checkbox from 'ant-design-vue/es/checkbox'
import DatePicker from 'ant-design-vue/es/date-picker'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { ask, client } from '../api/client'
import type { TestOfHorseView, TestRiddenView } from '../api/schema'
import ConflictDialog from '../house/ConflictDialog.vue'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useDraft } from '../house/drafts'
import { bearsUpon } from '../house/keys'
import { signedIn } from '../house/signIn'

/** The marks of a test, movement by movement: after the ride, or from the judge's sheet. */
const props = defineProps<{
  horseId: string
  page: TestOfHorseView
  ridden: TestRiddenView | null
  sessionId: string | null
  /** The day of the competition it was ridden at; none: at home, today. */
  awayOn: string | null
  /** The pieces that were ridden; none: all of it. */
  only: number[]
}>()
const emit = defineEmits<{ done: [] }>()

interface Typed {
  on: string | null
  away: boolean
  by: string
  lines: { movement: number; words: string; mark: number | null; remark: string }[]
}
const shown = props.page.laid.movements.filter(
  (m) => props.only.length === 0 || props.ridden !== null || props.only.includes(m.movement.number),
)
const lines = (of: TestRiddenView | null) =>
  shown.map(({ movement: m }) => {
    const mark = of?.ridden.marks.find((k) => k.movement === m.number)
    return { movement: m.number, words: m.words, mark: mark?.mark ?? null, remark: mark?.remark ?? '' }
  })
const path = { horseId: props.horseId, testId: props.page.test.id }
/** What is sent: the movements that have something in them. */
const filled = (typed: Typed) => typed.lines.filter((l) => l.mark !== null || l.remark)
const { entry, problem, busy, begin, keep, takeTheirs } = useDraft<Typed, TestRiddenView>({
  blank: () => ({
    on: props.awayOn ?? signedIn.value?.today ?? null,
    away: props.awayOn !== null,
    by: '',
    lines: lines(null),
  }),
  of: (view) => ({ on: view.ridden.on, away: view.ridden.away, by: view.ridden.by, lines: lines(view) }),
  versionOf: (view) => view.version,
  send(typed, on) {
    const body = {
      ridden: {
        on: typed.on,
        away: typed.away,
        by: typed.by,
        marks: filled(typed).map(({ movement, mark, remark }) => ({ movement, mark, remark })),
      },
      sessionId: props.sessionId,
    }
    return ask(() =>
      on
        ? client.PUT('/api/horses/{horseId}/dressage-tests/{testId}/ridden/{riddenId}', {
            params: { path: { ...path, riddenId: on.view.id } },
            body: { version: on.version, entry: body },
          })
        : client.POST('/api/horses/{horseId}/dressage-tests/{testId}/ridden', { params: { path }, body }),
    )
  },
  bearsUpon: () => bearsUpon.horse(props.horseId),
})
begin(props.ridden)

/** The server counts the marks that were sent. */
const at = (line: Typed['lines'][number]) => filled(entry.value).indexOf(line)
async function send(version?: number) {
  if (await keep(version)) emit('done')
}
</script>

<template>
  <form class="card stack gap-10px" aria-label="Marks" @submit.prevent="send()">
    <h2>{{ ridden ? 'Edit the marks' : 'How it went, movement by movement' }}</h2>
    <ProblemNote
      v-if="problem && problem.status !== 409 && problem.faults.every((f) => f.field === 'ridden.marks')"
      :problem="problem"
    />
    <div class="head">
      <FieldBox v-slot="{ id }" label="Day" name="ridden.on"
        ><DatePicker :id="id" v-model:value="entry.on!" value-format="YYYY-MM-DD" format="D MMM YYYY"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Who gave the marks" name="ridden.by"
        ><Input :id="id" v-model:value="entry.by" placeholder="judge at C"
      /></FieldBox>
      <Checkbox v-model:checked="entry.away" class="mb-10px">Away from home</Checkbox>
    </div>
    <ol class="marks">
      <li v-for="line in entry.lines" :key="line.movement">
        <strong class="number">{{ line.movement }}</strong>
        <span class="words">{{ line.words }}</span>
        <FieldBox v-slot="{ id }" label="" :name="`ridden.marks[${at(line)}].mark`" class="bare"
          ><InputNumber
            :id="id"
            v-model:value="line.mark!"
            :controls="false"
            :aria-label="`Mark of movement ${line.movement}`"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="" :name="`ridden.marks[${at(line)}].remark`" class="bare"
          ><Input :id="id" v-model:value="line.remark" :aria-label="`Remark on movement ${line.movement}`"
        /></FieldBox>
      </li>
    </ol>
    <div class="row">
      <Button type="primary" html-type="submit" :disabled="busy">Keep the marks</Button>
      <Button @click="emit('done')">Leave it</Button>
      <span class="small quiet">0 to 10, halves allowed. What was not ridden stays empty.</span>
    </div>
    <ConflictDialog
      :problem="problem"
      :mine="{ on: entry.on, away: entry.away, by: entry.by }"
      :words="{ on: 'Day', away: 'Away', by: 'Who gave the marks' }"
      @keep-mine="send"
      @take-theirs="takeTheirs().then(() => emit('done'))"
    />
  </form>
</template>

<style scoped>
.head {
  display: grid;
  grid-template-columns: 180px minmax(0, 260px) auto;
  gap: 6px 14px;
  align-items: end;
}
.marks li {
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr) 150px minmax(0, 300px);
  gap: 4px 10px;
  align-items: baseline;
  padding: 3px 0;
  border-top: 1px solid var(--line);
}
.bare {
  margin: 0;
}
.bare :deep(.ant-input-number) {
  width: 84px;
}
.bare :deep(.ant-form-item-label) {
  display: none;
}
@media (max-width: 620px) {
  .head,
  .marks li {
    grid-template-columns: 28px minmax(0, 1fr) 84px;
  }
  .marks li > :last-child {
    grid-column: 2 / -1;
  }
}
</style>

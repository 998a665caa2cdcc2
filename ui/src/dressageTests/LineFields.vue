<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { computed } from 'vue'
import type { AskedOnTheWay, GaitVariant, TestFigure, TestLineEntry } from '../api/schema'
import FieldBox from '../house/FieldBox.vue'
import NumberBox from '../house/NumberBox.vue'
import PickOne from '../house/PickOne.vue'
import { useFault } from '../house/faults'
import { askedOnTheWayWords, options, reinWords, testFigureWords, variantWords } from '../house/words'

/** A line of a test: what is ridden from letter to letter, in the yard's words. */
const props = defineProps<{ at: number; number: number; withAbove: boolean }>()
const line = defineModel<TestLineEntry>({ required: true })
const emit = defineEmits<{ remove: []; insert: []; look: [] }>()
const field = (name: string) => `lines[${props.at}].${name}`
const fault = useFault(() => `lines[${props.at}]`)

const figure = computed(() => line.value.figure)
const onTheSpot = computed(() => ['halt', 'reinBack', 'pirouette', 'piaffe'].includes(figure.value ?? ''))
const round = computed(() => ['circle', 'halfCircle', 'halfCircleAndBack'].includes(figure.value ?? ''))
const ends = computed(() => !onTheSpot.value && figure.value !== 'circle')
const sized = computed(() => round.value || figure.value === 'loop')
const turns = computed(() => round.value || figure.value === 'track' || figure.value === 'pirouette')
const countWords: Partial<Record<TestFigure, string>> = {
  serpentine: 'loops',
  halt: 's',
  reinBack: 'steps',
  piaffe: 'steps',
  pirouette: 'strides',
}
const counted = computed(() =>
  line.value.asked === 'changes' ? 'changes' : figure.value && countWords[figure.value],
)
const gaits = options(variantWords).filter((o) => !['canterCourse', 'canterPoles'].includes(o.value))
const sides = options(reinWords, ['left', 'right']) as { value: 'left' | 'right'; label: string }[]
const turnDegrees = [
  { value: 180, label: 'half' },
  { value: 360, label: 'whole' },
]
/** What is asked on a way. */
const asked = options(askedOnTheWayWords)
const marked = computed(() => [
  ...(props.at > 0 ? [{ value: null, label: 'with the line above' }] : []),
  { value: 1, label: 'marked once' },
  { value: 2, label: 'counts twice' },
  { value: 3, label: 'counts three times' },
])
const set = (change: Partial<TestLineEntry>) => (line.value = { ...line.value, ...change })

/** Another figure leaves behind what only the old one had. */
const pickFigure = (to: TestFigure) =>
  set({
    figure: to,
    metres: ['circle', 'halfCircle', 'halfCircleAndBack', 'loop'].includes(to) ? line.value.metres : null,
    count: null,
    degrees: to === 'pirouette' ? 180 : null,
    to: ['circle', 'halt', 'reinBack', 'pirouette', 'piaffe'].includes(to) ? null : line.value.to,
    asked: ['halt', 'reinBack', 'pirouette', 'piaffe'].includes(to) ? null : line.value.asked,
  })
</script>

<template>
  <li class="line" :class="{ together: withAbove }" @focusin="emit('look')">
    <span class="no">{{ withAbove ? '' : number }}</span>
    <div class="fields">
      <FieldBox v-slot="{ id }" label="In your words" :name="field('words')" class="words"
        ><Input
          :id="id"
          :value="line.words ?? ''"
          placeholder="What is asked, in your words"
          @update:value="(v: string) => set({ words: v })"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Marked" :name="field('coefficient')" class="coefficient"
        ><PickOne
          :id="id"
          :value="line.coefficient"
          :options="marked"
          @change="(c) => set({ coefficient: c })"
      /></FieldBox>
      <span class="acts">
        <Button type="text" size="small" :aria-label="`A line behind line ${at + 1}`" @click="emit('insert')"
          >+</Button
        >
        <Button type="text" size="small" :aria-label="`Take line ${at + 1} out`" @click="emit('remove')"
          >×</Button
        >
      </span>
      <FieldBox v-slot="{ id }" label="What is ridden" :name="field('figure')" class="figure"
        ><PickOne :id="id" :value="line.figure" :options="options(testFigureWords)" @change="pickFigure"
      /></FieldBox>
      <FieldBox v-if="ends" v-slot="{ id }" label="To" :name="field('to')" class="letter"
        ><Input
          :id="id"
          :value="line.to ?? ''"
          :maxlength="1"
          placeholder="to"
          @update:value="(v: string) => set({ to: v.toUpperCase() || null })"
      /></FieldBox>
      <FieldBox v-if="figure !== 'halt'" v-slot="{ id }" label="Gait" :name="field('gait')" class="gait"
        ><PickOne
          :id="id"
          :value="line.gait"
          :options="gaits"
          @change="(g) => set({ gait: g as GaitVariant })"
      /></FieldBox>
      <NumberBox
        v-if="sized"
        :value="line.metres"
        label="Metres"
        :name="field('metres')"
        after="m"
        class="size"
        @update:value="(metres) => set({ metres })"
      />
      <NumberBox
        v-if="counted"
        :value="line.count"
        label="How many"
        :name="field('count')"
        :after="counted"
        class="count"
        @update:value="(count) => set({ count })"
      />
      <NumberBox
        v-if="line.asked === 'changes'"
        :value="line.every"
        label="Every so many strides"
        :name="field('every')"
        before="every"
        class="count"
        @update:value="(every) => set({ every })"
      />
      <FieldBox
        v-if="figure === 'pirouette'"
        v-slot="{ id }"
        label="Round"
        :name="field('degrees')"
        class="size"
        ><PickOne :id="id" :value="line.degrees" :options="turnDegrees" @change="(d) => set({ degrees: d })"
      /></FieldBox>
      <FieldBox v-if="turns" v-slot="{ id }" label="To the" :name="field('turning')" class="side"
        ><PickOne
          :id="id"
          :value="line.turning"
          :options="sides"
          allow-clear
          placeholder="to the"
          @change="(s) => set({ turning: s })"
      /></FieldBox>
      <FieldBox v-if="!onTheSpot" v-slot="{ id }" label="Asked on it" :name="field('asked')" class="asked"
        ><PickOne
          :id="id"
          :value="line.asked"
          :options="asked"
          allow-clear
          placeholder="nothing more"
          @change="(a) => set({ asked: a as AskedOnTheWay })"
      /></FieldBox>
      <p v-if="fault" class="amiss" role="alert">{{ fault.says }} {{ fault.mend }}</p>
    </div>
  </li>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 30px minmax(0, 1fr);
  padding: 9px 0 7px;
  border-top: 1px solid var(--line);
}
.line.together {
  padding-top: 0;
  border-top: 0;
}
.no {
  padding-top: 5px;
  font-size: 1.35rem;
  font-weight: 700;
  line-height: 1.2;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 5px 6px;
}
.together .fields {
  padding-left: 8px;
  border-left: 3px solid var(--straw);
}
.fields > :deep(.ant-form-item) {
  margin: 0;
}
/* Each field says by itself what it is; its label is for who cannot see it. */
.fields :deep(.ant-form-item-label) {
  position: absolute;
  width: 1px;
  height: 1px;
  padding: 0;
  overflow: hidden;
  clip-path: inset(50%);
}
.fields > .words {
  flex: 1 1 calc(100% - 250px);
  min-width: 200px;
}
.fields > .coefficient {
  width: 166px;
}
.fields > .figure {
  width: 150px;
}
.fields > .letter {
  width: 46px;
}
.fields > .gait {
  width: 134px;
}
.fields > .size {
  width: 86px;
}
.fields > .count {
  width: 122px;
}
.fields > .side {
  width: 92px;
}
.fields > .asked {
  width: 138px;
}
.acts {
  display: flex;
  width: 68px;
  justify-content: end;
  align-items: center;
}
.amiss {
  flex: 1 0 100%;
  color: var(--grave);
}
</style>

<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Checkbox from 'ant-design-vue/es/checkbox'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { computed } from 'vue'
import type { ReturnEntry, StageEntry, Why } from '../api/schema'
import ChipRow from '../house/ChipRow.vue'
import FieldBox from '../house/FieldBox.vue'
import WhyButton from '../house/WhyButton.vue'

/** How long it was off and why; after injury or illness the vet's plan, stage by stage. */
defineProps<{ because?: Why }>()
const entry = defineModel<ReturnEntry | null>({ required: true })
const it = computed<ReturnEntry>(() => entry.value ?? { weeksOff: null, because: 'rest' })
const set = (more: Partial<ReturnEntry>) => (entry.value = { ...it.value, ...more })
const reasons = [
  { value: 'rest' as const, label: 'Rest' },
  { value: 'injury' as const, label: 'Injury' },
  { value: 'illness' as const, label: 'Illness' },
]
const stages = computed(() => it.value.stages ?? [])
const change = (i: number, more: StageEntry) =>
  set({ stages: stages.value.map((s, j) => (i === j ? { ...s, ...more } : s)) })
const numbers = [
  { key: 'weeks', label: 'Weeks' },
  { key: 'sessions', label: 'A week' },
  { key: 'walk', label: 'Walk' },
  { key: 'trot', label: 'Trot' },
  { key: 'canter', label: 'Canter' },
] as const
</script>

<template>
  <div class="return grid gap-10px">
    <div class="two">
      <FieldBox v-slot="{ id }" label="Weeks off" name="return.weeksOff">
        <InputNumber
          :id="id"
          :value="it.weeksOff ?? undefined"
          :min="0"
          :max="156"
          @change="(v) => set({ weeksOff: v === null ? null : Number(v) })"
        />
      </FieldBox>
      <FieldBox label="Because of" name="return.because">
        <ChipRow
          label="Off because of"
          :choices="reasons"
          :model-value="it.because ?? null"
          @update:model-value="(v) => set({ because: v as typeof it.because })"
        />
      </FieldBox>
    </div>
    <template v-if="it.because === 'rest'">
      <FieldBox
        v-slot="{ id }"
        label="Walk weeks"
        name="return.walkWeeks"
        hint="Two to four; by the weeks off where nothing is given."
      >
        <InputNumber
          :id="id"
          :value="it.walkWeeks ?? undefined"
          :min="2"
          :max="4"
          @change="(v) => set({ walkWeeks: v === null || v === '' ? null : Number(v) })"
        />
      </FieldBox>
      <p>
        <Checkbox
          :checked="it.shortFirstDay ?? false"
          @change="(e) => set({ shortFirstDay: e.target.checked })"
        >
          Begin with a short first day: a sound horse, ridden before, under twenty minutes in all
        </Checkbox>
        <WhyButton v-if="because" :why="because" of="how it comes back" />
      </p>
    </template>
    <template v-else>
      <p class="small">
        After injury or illness the vet's plan leads, and this program's never does. Type it in as the vet
        gave it.
      </p>
      <div v-for="(s, i) in stages" :key="i" class="stage grid gap-10px p-10px edge rounded-8px">
        <FieldBox v-slot="{ id }" :label="`Stage ${i + 1}`" :name="`return.stages[${i}].what`"
          ><Input :id="id" :value="s.what ?? ''" @update:value="(v) => change(i, { what: v })"
        /></FieldBox>
        <div class="five">
          <FieldBox
            v-for="n in numbers"
            :key="n.key"
            v-slot="{ id }"
            :label="n.label"
            :name="`return.stages[${i}].${n.key}`"
          >
            <InputNumber
              :id="id"
              :value="s[n.key] ?? undefined"
              :min="0"
              @change="(v) => change(i, { [n.key]: v === null || v === '' ? null : Number(v) })"
            />
          </FieldBox>
        </div>
        <FieldBox
          v-if="i > 0"
          v-slot="{ id }"
          label="Waits for"
          :name="`return.stages[${i}].waitsFor`"
          hint="The clearance this stage waits for, such as: trot cleared by the vet."
        >
          <Input :id="id" :value="s.waitsFor ?? ''" @update:value="(v) => change(i, { waitsFor: v })" />
        </FieldBox>
        <Button type="link" size="small" @click="set({ stages: stages.filter((_, j) => j !== i) })">
          Take this stage out
        </Button>
      </div>
      <FieldBox label="" name="return.stages">
        <Button
          size="small"
          @click="
            set({
              stages: [
                ...stages,
                { what: '', weeks: 2, sessions: 5, walk: 20, trot: 0, canter: 0, waitsFor: '' },
              ],
            })
          "
        >
          Add a stage
        </Button>
      </FieldBox>
    </template>
  </div>
</template>

<style scoped>
.stage .ant-btn,
.return > .ant-form-item .ant-btn {
  justify-self: start;
}
.two {
  display: grid;
  grid-template-columns: 130px 1fr;
  gap: 12px;
}
.five {
  display: grid;
  grid-template-columns: repeat(5, 1fr);
  gap: 6px;
}
</style>

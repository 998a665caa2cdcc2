<script setup lang="ts">
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import type { HorseEntry, Thing } from '../api/schema'
import FieldBox from '../house/FieldBox.vue'
import ChipRow from '../house/ChipRow.vue'
import PickOne from '../house/PickOne.vue'
import { goesAtWords, options, thingWords } from '../house/words'

/** What is typed of a horse, for a new one and for an edit. */
const entry = defineModel<HorseEntry>({ required: true })
const sexes = [
  { value: 'mare', label: 'Mare' },
  { value: 'gelding', label: 'Gelding' },
  { value: 'stallion', label: 'Stallion' },
]
const experiences = [
  { value: 'green', label: 'Green' },
  { value: 'novice', label: 'Novice' },
  { value: 'established', label: 'Established' },
]
</script>

<template>
  <div class="grid grid-cols-[1fr_1fr] gap-14px">
    <FieldBox v-slot="{ id }" label="Name" name="name" class="wide"
      ><Input :id="id" v-model:value="entry.name!"
    /></FieldBox>
    <FieldBox v-slot="{ id }" label="Foaled (year)" name="foaled"
      ><InputNumber :id="id" v-model:value="entry.foaled!" :controls="false"
    /></FieldBox>
    <FieldBox v-slot="{ id }" label="Height" name="height" hint="16.2 hh or 168 cm"
      ><Input :id="id" v-model:value="entry.height!"
    /></FieldBox>
    <FieldBox v-slot="{ id }" label="Sex" name="sex"
      ><PickOne :id="id" v-model:value="entry.sex!" :options="sexes"
    /></FieldBox>
    <FieldBox
      v-slot="{ id }"
      label="How far it has come"
      name="experience"
      hint="Where it starts on the ladders; its rides move it"
      ><PickOne :id="id" v-model:value="entry.experience!" :options="experiences"
    /></FieldBox>
    <FieldBox v-slot="{ id }" label="Or the level it goes at" name="goesAt" hint="Says it more exactly"
      ><PickOne
        :id="id"
        v-model:value="entry.goesAt!"
        allow-clear
        placeholder="no level"
        :options="options(goesAtWords)"
    /></FieldBox>
    <FieldBox
      v-slot="{ id }"
      label="Its own heat limit, °C"
      name="heatLimitC"
      hint="Where it suffers sooner than others; from there its work is halved"
      ><InputNumber :id="id" v-model:value="entry.heatLimitC!" :controls="false"
    /></FieldBox>
    <FieldBox
      label="Has met"
      name="met"
      class="wide"
      hint="What it goes over joins by itself; a plan says when something is new to it"
      ><ChipRow
        :model-value="(entry.met ?? []) as Thing[]"
        label="Has met"
        :choices="options(thingWords)"
        many
        @update:model-value="(met) => (entry.met = met as Thing[])"
    /></FieldBox>
    <FieldBox v-slot="{ id }" label="Notes" name="notes" class="wide"
      ><Input.TextArea :id="id" v-model:value="entry.notes!" :rows="3"
    /></FieldBox>
  </div>
</template>

<style scoped>
.wide {
  grid-column: 1 / -1;
}
</style>

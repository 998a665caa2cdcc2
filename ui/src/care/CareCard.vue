<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import DatePicker from 'ant-design-vue/es/date-picker'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { computed, reactive, ref } from 'vue'
import { ask, client } from '../api/client'
import type { CareEntry, CareKind, RuledOut, SaddleWork } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import { useTakingOff } from '../house/drafts'
import ChipRow from '../house/ChipRow.vue'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import WhyButton from '../house/WhyButton.vue'
import { useProblem } from '../house/faults'
import { shortDay } from '../house/format'
import { useCare } from '../house/queries'
import { trains } from '../house/signIn'
import { careWords, options, ruledOutWords, saddleWords } from '../house/words'

/** Feet, saddle, teeth, therapist, and when each is due; weight and condition. */
const props = defineProps<{ horseId: string }>()
const changed = useChanged()
const takeOff = useTakingOff(() => bearsUpon.horse(props.horseId))
const { data: care } = useCare(() => props.horseId)
const { problem, busy, attempt } = useProblem()
const adding = ref<'visit' | 'body' | null>(null)
const blank = () => ({
  kind: 'feet' as CareKind | null,
  on: null as string | null,
  by: '',
  found: '',
  againInWeeks: null as number | null,
  easyUntil: null as string | null,
  ruledOut: ['fences', 'collection', 'series'] as RuledOut[],
  saddle: [] as SaddleWork[],
})
const visit = reactive(blank())
const body = reactive<{ girthCm: number | null; lengthCm: number | null; condition: number | null }>({
  girthCm: null,
  lengthCm: null,
  condition: null,
})
const weight = computed(() => care.value?.body.find((b) => b.weightKg !== null))
const condition = computed(() => care.value?.body.find((b) => b.condition !== null))
const before = computed(() => care.value?.body.filter((b) => b.weightKg !== null)[1])
const saddleNow = computed(() => {
  const s = care.value?.saddle
  if (!s) return ''
  const says = [
    s.shimSince && `shim in since ${shortDay(s.shimSince)}`,
    s.padSince && `pad under it since ${shortDay(s.padSince)}`,
    s.reflockedOn && `reflocked ${shortDay(s.reflockedOn)}`,
    s.lookAgainOn && `look again by ${shortDay(s.lookAgainOn)}`,
  ].filter(Boolean)
  return `${says.join('; ') || 'nothing under it'}.`
})
const params = computed(() => ({ path: { horseId: props.horseId } }))
const refresh = () => changed(bearsUpon.horse(props.horseId))

async function keepVisit() {
  const { easyUntil, ruledOut, saddle, ...rest } = visit
  // What is easy and out is a therapist's word; a farrier rules nothing out.
  const entry: CareEntry =
    visit.kind === 'therapist'
      ? { ...rest, easyUntil, ruledOut }
      : visit.kind === 'saddle'
        ? { ...rest, saddle }
        : rest
  const kept = await attempt(() =>
    ask(() => client.POST('/api/horses/{horseId}/care', { params: params.value, body: entry })),
  )
  if (!kept) return
  Object.assign(visit, blank())
  adding.value = null
  await refresh()
}

async function keepBody() {
  const kept = await attempt(() =>
    ask(() => client.POST('/api/horses/{horseId}/body', { params: params.value, body })),
  )
  if (!kept) return
  Object.assign(body, { girthCm: null, lengthCm: null, condition: null })
  adding.value = null
  await refresh()
}

async function remove(of: 'care' | 'body', id: string) {
  const path = { params: { path: { horseId: props.horseId, id } } }
  const [off, back] =
    of === 'care'
      ? [
          () => client.DELETE('/api/horses/{horseId}/care/{id}', path),
          () => client.POST('/api/horses/{horseId}/care/{id}/restore', path),
        ]
      : [
          () => client.DELETE('/api/horses/{horseId}/body/{id}', path),
          () => client.POST('/api/horses/{horseId}/body/{id}/restore', path),
        ]
  await takeOff(
    'Taken off.',
    () => ask<unknown>(off),
    () => ask<unknown>(back),
  )
}
</script>

<template>
  <section v-if="care" class="card stack gap-12px">
    <div class="row spread">
      <h2>Care</h2>
      <Button v-if="trains() && !adding" size="small" @click="adding = 'visit'"> Someone was here </Button>
    </div>
    <p v-if="care.sinceFeet" class="small quiet">
      On these feet since {{ shortDay(care.sinceFeet.since) }}: {{ care.sinceFeet.rides }}
      {{ care.sinceFeet.rides === 1 ? 'ride' : 'rides' }}, {{ Math.round(care.sinceFeet.minutes) }} minutes.
    </p>
    <ul class="due grid gap-10px">
      <li
        v-for="d in care.due"
        :key="d.kind"
        :class="d.state"
        class="grid grid-cols-[84px_minmax(0,1fr)] pl-9px edge-l-3px"
      >
        <strong>{{ careWords[d.kind] }}</strong>
        <span>{{ d.says }} <WhyButton :why="d.why" :of="careWords[d.kind].toLowerCase()" /></span>
        <span v-if="d.last" class="small quiet last [grid-column:2]"
          >{{ shortDay(d.last.on) }}<template v-if="d.last.by">, {{ d.last.by }}</template
          ><template v-if="d.last.found">: {{ d.last.found }}</template
          ><template v-if="d.last.saddle.length"
            >; {{ d.last.saddle.map((w) => saddleWords[w].toLowerCase()).join(', ') }}</template
          ><template v-if="d.last.easyUntil">; easy until {{ shortDay(d.last.easyUntil) }}</template>
          <Button
            v-if="trains()"
            type="link"
            size="small"
            :aria-label="`Take off ${careWords[d.kind].toLowerCase()} of ${shortDay(d.last.on)}`"
            @click="remove('care', d.last.id)"
          >
            Take off
          </Button></span
        >
      </li>
    </ul>
    <p v-if="care.saddle" class="small">
      <strong>Saddle now:</strong>
      {{ saddleNow }} <WhyButton :why="care.saddle.why" of="the saddle now" />
    </p>
    <form v-if="adding === 'visit'" class="stack gap-12px" @submit.prevent="keepVisit">
      <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
      <FieldBox label="What" name="kind"
        ><ChipRow v-model="visit.kind" label="What was seen to" :choices="options(careWords)"
      /></FieldBox>
      <div class="pair">
        <FieldBox v-slot="{ id }" label="Day" name="on" hint="Empty: today"
          ><DatePicker :id="id" v-model:value="visit.on!" value-format="YYYY-MM-DD" format="D MMM YYYY"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Again in, weeks" name="againInWeeks" hint="Empty: as usual"
          ><InputNumber :id="id" v-model:value="visit.againInWeeks!" :controls="false"
        /></FieldBox>
      </div>
      <template v-if="visit.kind === 'therapist'">
        <FieldBox v-slot="{ id }" label="Easy until" name="easyUntil" hint="Empty: two days after"
          ><DatePicker
            :id="id"
            v-model:value="visit.easyUntil!"
            value-format="YYYY-MM-DD"
            format="D MMM YYYY"
        /></FieldBox>
        <FieldBox label="Out till then" name="ruledOut"
          ><ChipRow
            :model-value="visit.ruledOut"
            label="Out till then"
            :choices="options(ruledOutWords)"
            many
            @update:model-value="(out) => (visit.ruledOut = out as RuledOut[])"
        /></FieldBox>
      </template>
      <FieldBox v-if="visit.kind === 'saddle'" label="Done to it" name="saddle"
        ><ChipRow
          :model-value="visit.saddle"
          label="Done to the saddle"
          :choices="options(saddleWords)"
          many
          @update:model-value="(done) => (visit.saddle = done as SaddleWork[])"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Who came" name="by"
        ><Input :id="id" v-model:value="visit.by"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Found and done" name="found"
        ><Input :id="id" v-model:value="visit.found"
      /></FieldBox>
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Write it down</Button>
        <Button @click="adding = null">Leave it</Button>
      </div>
    </form>

    <div class="body grid grid-cols-[1.3fr_1fr] gap-10px items-start pt-10px edge-t">
      <p>
        <span class="small quiet">Weight</span><br />
        <strong v-if="weight" class="mr-0.3em text-1.15rem">{{ weight.weightKg }} kg</strong
        ><strong v-else class="quiet mr-0.3em text-1.15rem">–</strong>
        <span v-if="weight && before" class="small quiet">
          {{ weight.weightKg! >= before.weightKg! ? '+' : '−'
          }}{{ Math.abs(weight.weightKg! - before.weightKg!) }} since {{ shortDay(before.on) }}</span
        >
        <WhyButton v-if="weight" :why="care.weightWhy" of="this weight" />
      </p>
      <p>
        <span class="small quiet">Condition</span><br />
        <strong class="mr-0.3em text-1.15rem">{{ condition?.condition ?? '–' }}</strong>
        <span v-if="condition" class="small quiet"> {{ shortDay(condition.on) }}</span>
      </p>
    </div>
    <div v-if="trains() && !adding" class="row">
      <Button size="small" @click="adding = 'body'">Measured</Button>
      <Button v-if="care.body[0]" type="link" size="small" @click="remove('body', care.body[0].id)">
        Take off that of {{ shortDay(care.body[0].on) }}
      </Button>
    </div>
    <form v-if="adding === 'body'" class="stack gap-12px" @submit.prevent="keepBody">
      <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
      <div class="pair">
        <FieldBox v-slot="{ id }" label="Girth, cm" name="girthCm" hint="Behind the elbows"
          ><InputNumber :id="id" v-model:value="body.girthCm!" :controls="false"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Length, cm" name="lengthCm" hint="Shoulder to buttock"
          ><InputNumber :id="id" v-model:value="body.lengthCm!" :controls="false"
        /></FieldBox>
      </div>
      <FieldBox v-slot="{ id }" label="Condition" name="condition" hint="1 poor to 9 very fat, halves allowed"
        ><InputNumber :id="id" v-model:value="body.condition!" :controls="false"
      /></FieldBox>
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Keep</Button>
        <Button @click="adding = null">Leave it</Button>
      </div>
    </form>
  </section>
</template>

<style scoped>
.due .fine {
  border-left-color: var(--walk);
}
.due .soon,
.due .unknown {
  border-left-color: var(--straw);
}
.due .overdue {
  border-left-color: var(--grave);
}
.last .ant-btn {
  margin-left: 0.4em;
}
</style>

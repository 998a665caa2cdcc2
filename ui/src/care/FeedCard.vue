<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Checkbox from 'ant-design-vue/es/checkbox'
import DatePicker from 'ant-design-vue/es/date-picker'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { computed, reactive, ref } from 'vue'
import { ask, client } from '../api/client'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import WhyButton from '../house/WhyButton.vue'
import { useTakingOff } from '../house/drafts'
import { useProblem } from '../house/faults'
import { shortDay } from '../house/format'
import { bearsUpon, useChanged } from '../house/keys'
import { useCare } from '../house/queries'
import { trains } from '../house/signIn'

/** What it is fed, when that was changed and why; and whether the hard feed follows the work. */
const props = defineProps<{ horseId: string }>()
const changed = useChanged()
const takeOff = useTakingOff(() => bearsUpon.horse(props.horseId))
const { data: care } = useCare(() => props.horseId)
const { problem, busy, attempt } = useProblem()
const adding = ref(false)
const blank = () => ({
  on: null as string | null,
  forage: '',
  hardFeedKg: null as number | null,
  hardFeed: '',
  because: '',
  by: '',
  advised: false,
})
const typed = reactive(blank())
const now = computed(() => care.value?.rations[0])
const kg = (n: number) => (n === 0 ? 'no hard feed' : `${n.toFixed(n % 1 ? 1 : 0)} kg of hard feed a day`)

function begin() {
  Object.assign(typed, blank(), {
    forage: now.value?.forage ?? '',
    hardFeedKg: now.value?.hardFeedKg ?? null,
    hardFeed: now.value?.hardFeed ?? '',
  })
  adding.value = true
}
async function keep() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/rations', {
        params: { path: { horseId: props.horseId } },
        body: typed,
      }),
    ),
  )
  if (!kept) return
  adding.value = false
  await changed(bearsUpon.horse(props.horseId))
}
async function remove(id: string) {
  const path = { params: { path: { horseId: props.horseId, id } } }
  await takeOff(
    'Taken off.',
    () => ask<unknown>(() => client.DELETE('/api/horses/{horseId}/rations/{id}', path)),
    () => ask<unknown>(() => client.POST('/api/horses/{horseId}/rations/{id}/restore', path)),
  )
}
</script>

<template>
  <section v-if="care" class="card stack gap-12px">
    <div class="row spread">
      <h2>Feed</h2>
      <Button v-if="trains() && !adding" size="small" @click="begin">Changed</Button>
    </div>
    <p v-if="!now" class="quiet">
      Nothing written down. What it eats beside what it works: written once, asked at the gates of a return.
    </p>
    <template v-else>
      <p>
        <strong>{{ now.forage }}</strong>; {{ kg(now.hardFeedKg)
        }}<template v-if="now.hardFeed">: {{ now.hardFeed }}</template>
        <span class="small quiet block"
          >since {{ shortDay(now.on) }}<template v-if="now.because">, {{ now.because }}</template
          ><template v-if="now.by">; {{ now.by }}</template
          ><template v-if="now.advised"> (vet or nutritionist)</template>
          <Button
            v-if="trains()"
            type="link"
            size="small"
            :aria-label="`Take off the feed of ${shortDay(now.on)}`"
            @click="remove(now.id)"
          >
            Take off
          </Button></span
        >
      </p>
      <p
        v-for="r in care.feedRemarks"
        :key="r.says"
        class="py-4px pl-9px edge-l-3px [border-left-color:var(--straw)]"
        role="status"
      >
        <strong>{{ r.says }}</strong> {{ r.do }} <WhyButton :why="r.why" of="this" />
      </p>
      <p v-if="care.rations.length > 1" class="small quiet">
        Before: {{ care.rations[1]!.forage }}; {{ kg(care.rations[1]!.hardFeedKg) }}, since
        {{ shortDay(care.rations[1]!.on) }}.
      </p>
    </template>
    <form v-if="adding" class="stack gap-12px" @submit.prevent="keep">
      <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
      <FieldBox v-slot="{ id }" label="Forage" name="forage" hint="Hay, haylage, grass; how much"
        ><Input :id="id" v-model:value="typed.forage"
      /></FieldBox>
      <div class="pair">
        <FieldBox v-slot="{ id }" label="Hard feed, kg a day" name="hardFeedKg" hint="Empty: none"
          ><InputNumber :id="id" v-model:value="typed.hardFeedKg!" :controls="false"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="From" name="on" hint="Empty: today"
          ><DatePicker :id="id" v-model:value="typed.on!" value-format="YYYY-MM-DD" format="D MMM YYYY"
        /></FieldBox>
      </div>
      <FieldBox v-slot="{ id }" label="What it is" name="hardFeed"
        ><Input :id="id" v-model:value="typed.hardFeed"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Why it was changed" name="because"
        ><Input :id="id" v-model:value="typed.because"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Who said so" name="by"
        ><Input :id="id" v-model:value="typed.by"
      /></FieldBox>
      <Checkbox v-model:checked="typed.advised">A vet or a nutritionist has said so</Checkbox>
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Write it down</Button>
        <Button @click="adding = false">Leave it</Button>
      </div>
    </form>
    <p class="small quiet">What a horse needs is the vet’s or a nutritionist’s to say; this only asks.</p>
  </section>
</template>

<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import DatePicker from 'ant-design-vue/es/date-picker'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { computed, reactive, ref } from 'vue'
import { ask, client } from '../api/client'
import type { Gait, Strand } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import ChipRow from '../house/ChipRow.vue'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { shortDay } from '../house/format'
import { useRestrictions } from '../house/queries'
import { clears } from '../house/signIn'
import { done } from '../house/undo'
import { gaitWords, options, strandWords } from '../house/words'

/** What the horse may not do for a while: who said so, until when, and who cleared it. */
const props = defineProps<{ horseId: string }>()
const changed = useChanged()
const { data: all } = useRestrictions(() => props.horseId)
/** What waits for a referral is told with it. */
const said = computed(() => (all.value?.all ?? []).filter((r) => !r.restriction.referralId))
const open = computed(() => said.value.filter((r) => r.holds))
const past = computed(() => said.value.filter((r) => !r.holds))
const { problem, busy, attempt } = useProblem()
const adding = ref(false)
const clearing = ref<string | null>(null)
const clearedBy = ref('')
const blank = () => ({
  because: '',
  by: '',
  until: null as string | null,
  noGaits: [] as Gait[],
  noStrands: [] as Strand[],
  mostHeightMetres: null as number | null,
})
const form = reactive(blank())
const params = computed(() => ({ path: { horseId: props.horseId } }))

async function add() {
  const kept = await attempt(() =>
    ask(() => client.POST('/api/horses/{horseId}/restrictions', { params: params.value, body: form })),
  )
  if (!kept) return
  Object.assign(form, blank())
  adding.value = false
  done('Entered. No plan goes round it until it ends or is cleared.')
  await changed(bearsUpon.horse(props.horseId))
}

async function clear(restrictionId: string) {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/restrictions/{restrictionId}/clearance', {
        params: { path: { horseId: props.horseId, restrictionId } },
        body: { by: clearedBy.value },
      }),
    ),
  )
  if (!kept) return
  clearing.value = null
  clearedBy.value = ''
  await changed(bearsUpon.horse(props.horseId))
}
</script>

<template>
  <section v-if="open.length || past.length || clears()" class="card stack" :class="{ open: open.length }">
    <div class="row spread">
      <h2>Restrictions</h2>
      <Button v-if="clears() && !adding" size="small" @click="adding = true"> Enter one </Button>
    </div>
    <p v-if="open.length === 0 && !adding" class="small quiet">
      None holds. What a vet rules out is entered here.
    </p>
    <p v-for="c in all?.contradictions ?? []" :key="c" class="told small" role="status">{{ c }}</p>
    <div v-for="{ restriction: r } in open" :key="r.id" class="grid gap-3px justify-items-start">
      <p>
        <strong>{{ r.says }}</strong>
      </p>
      <p class="small quiet">
        {{ r.because }}; {{ r.by }}, since {{ shortDay(r.since) }},
        {{ r.until ? `until ${shortDay(r.until)}` : 'until cleared' }}
      </p>
      <form v-if="clearing === r.id" class="stack" @submit.prevent="clear(r.id)">
        <FieldBox v-slot="{ id }" label="Cleared by" name="by"
          ><Input :id="id" v-model:value="clearedBy"
        /></FieldBox>
        <div class="row">
          <Button size="small" html-type="submit" :disabled="busy">Enter the clearance</Button>
          <Button size="small" @click="clearing = null">Leave it</Button>
        </div>
      </form>
      <Button v-else-if="clears()" type="link" size="small" @click="clearing = r.id">Cleared?</Button>
    </div>

    <form v-if="adding" class="stack" @submit.prevent="add">
      <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
      <FieldBox v-slot="{ id }" label="What for" name="because"
        ><Input :id="id" v-model:value="form.because"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Who said so" name="by"
        ><Input :id="id" v-model:value="form.by"
      /></FieldBox>
      <FieldBox label="Gaits that are out" name="noGaits">
        <ChipRow
          v-model="form.noGaits"
          label="Gaits that are out"
          :choices="options(gaitWords, ['walk', 'trot', 'canter', 'gallop'])"
          many
        />
      </FieldBox>
      <FieldBox label="Strands that are out" name="noStrands">
        <ChipRow v-model="form.noStrands" label="Strands that are out" :choices="options(strandWords)" many />
      </FieldBox>
      <div class="pair">
        <FieldBox v-slot="{ id }" label="Highest fence, m" name="mostHeightMetres" hint="0 is none"
          ><InputNumber :id="id" v-model:value="form.mostHeightMetres!" :controls="false"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Last day" name="until" hint="Empty: until cleared"
          ><DatePicker :id="id" v-model:value="form.until!" value-format="YYYY-MM-DD" format="D MMM YYYY"
        /></FieldBox>
      </div>
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Enter the restriction</Button>
        <Button @click="adding = false">Leave it</Button>
      </div>
    </form>

    <p v-for="{ restriction: r, clearedOn, clearedBy: who } in past" :key="r.id" class="small quiet">
      {{ r.says }} ({{ r.because }}):
      {{ clearedOn ? `cleared ${shortDay(clearedOn)} by ${who}` : `ended ${shortDay(r.until!)}` }}
    </p>
  </section>
</template>

<style scoped>
.open {
  border-left: 5px solid var(--grave);
}
</style>

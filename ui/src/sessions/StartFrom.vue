<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { useQuery } from '@tanstack/vue-query'
import Checkbox from 'ant-design-vue/es/checkbox'
import Segmented from 'ant-design-vue/es/segmented'
import dayjs from 'dayjs'
import { computed, reactive, ref, watch } from 'vue'
import { ask, client } from '../api/client'
import type { Ground, Part, SessionEntry, SessionProposal, Strand } from '../api/schema'
import { keys, useChanged } from '../house/keys'
import ChoiceField from '../house/ChoiceField.vue'
import NumberField from '../house/NumberField.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { shortDay } from '../house/format'
import { useRoster, useSessions } from '../house/queries'
import { signedIn } from '../house/signIn'
import { done } from '../house/undo'
import { options, strandWords } from '../house/words'

/** Something to begin from: a session proposed for this horse, one of the trade's, or one it has done. */
const props = defineProps<{ horseId: string; on: string; tackIds: string[]; focus?: Strand }>()
const emit = defineEmits<{ proposed: [SessionProposal]; take: [SessionEntry] }>()
const how = ref<'propose' | 'template' | 'before'>('propose')
const form = reactive({
  focus: props.focus ?? ('flatwork' as Strand),
  minutes: 40,
  /** As the yard's hours have it, until somebody says otherwise. */
  helper: null as boolean | null,
  ground: 'arena' as Ground,
})
watch(
  () => props.focus,
  (focus) => focus && (form.focus = focus),
)
const { data: roster } = useRoster()
const isSomebodyThere = computed(() => {
  const day = dayjs(props.on).format('dddd').toLowerCase()
  return form.helper ?? (roster.value?.roster.helperDays ?? []).some((d) => d === day)
})
const { problem, busy, attempt } = useProblem()
const changed = useChanged()
const today = computed(() => signedIn.value!.today!)
const { data: templates } = useQuery({
  queryKey: keys.templates,
  queryFn: () => ask(() => client.GET('/api/session-templates')),
})
const { data: before } = useSessions(
  () => props.horseId,
  () => dayjs(today.value).subtract(60, 'day').format('YYYY-MM-DD'),
  () => today.value,
)
const former = computed(() => [...(before.value ?? [])].reverse())
const template = ref<string | null>(null)
const chosen = computed(() => templates.value?.find((t) => t.id === template.value))

async function propose() {
  const { focus, minutes, helper, ground } = form
  const proposal = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/sessions/propose', {
        params: { path: { horseId: props.horseId } },
        body: { on: props.on, focus, minutes, helper, ground, tackIds: props.tackIds },
      }),
    ),
  )
  if (proposal) emit('proposed', proposal)
}

function copy(id: string) {
  const session = former.value.find((s) => s.id === id)
  if (!session) return
  const { emphasis, manner, helper, place, tackIds, parts } = session
  emit('take', {
    on: props.on,
    emphasis,
    manner,
    helper,
    place,
    tackIds: [...tackIds],
    notes: '',
    keptFaults: [],
    parts: parts.map((p: Part) => ({ ...p })),
  })
}

function useTemplate() {
  if (chosen.value) emit('take', { ...structuredClone(toPlain(chosen.value.session)), on: props.on })
}
/** Off the list, with the way back. */
async function remove() {
  const taken = chosen.value
  if (!taken) return
  const path = { params: { path: { templateId: taken.id } } }
  await attempt(() => ask(() => client.DELETE('/api/session-templates/{templateId}', path)))
  if (problem.value) return
  template.value = null
  await changed([keys.templates])
  done(`${taken.name} is off the list.`, async () => {
    await ask(() => client.POST('/api/session-templates/{templateId}/restore', path))
    await changed([keys.templates])
  })
}
const toPlain = <T,>(value: T): T => JSON.parse(JSON.stringify(value)) as T
</script>

<template>
  <section class="card grid gap-10px justify-items-start py-12px px-16px" aria-label="Start from">
    <Segmented
      v-model:value="how"
      :options="[
        { value: 'propose', label: 'Propose one' },
        { value: 'template', label: 'One of ours, or of the trade' },
        { value: 'before', label: 'One it has done' },
      ]"
    />
    <form
      v-if="how === 'propose'"
      class="line flex flex-wrap items-end gap-y-10px gap-x-14px"
      @submit.prevent="propose"
    >
      <ChoiceField
        label="Work on"
        name="focus"
        :value="form.focus"
        :options="options(strandWords)"
        @change="(v) => (form.focus = v)"
      />
      <NumberField
        label="Minutes there are"
        name="minutes"
        :value="form.minutes"
        :min="10"
        :max="120"
        @change="(v) => (form.minutes = v)"
      />
      <ChoiceField
        label="Where"
        name="ground"
        :value="form.ground"
        :options="[
          { value: 'arena', label: 'In the arena' },
          { value: 'openGround', label: 'Out' },
        ]"
        @change="(v) => (form.ground = v)"
      />
      <Checkbox :checked="isSomebodyThere" @update:checked="(is: boolean) => (form.helper = is)"
        >Someone on the ground</Checkbox
      >
      <Button type="primary" html-type="submit" :disabled="busy">Propose a session</Button>
    </form>
    <div v-else-if="how === 'template'" class="line flex flex-wrap items-end gap-y-10px gap-x-14px">
      <ChoiceField
        label="Session"
        :value="template ?? ''"
        :options="(templates ?? []).map((t) => ({ value: t.id, label: t.own ? `${t.name} (ours)` : t.name }))"
        @change="(v) => (template = v)"
      />
      <p v-if="chosen" class="quiet max-w-420px pb-9px">{{ chosen.for }}</p>
      <Button type="primary" :disabled="!chosen" @click="useTemplate"> Start from it </Button>
      <Button v-if="chosen?.own" :disabled="busy" @click="remove"> Take it off the list </Button>
    </div>
    <div v-else class="line flex flex-wrap items-end gap-y-10px gap-x-14px">
      <ChoiceField
        label="Copy"
        value=""
        :options="former.map((s) => ({ value: s.id, label: `${shortDay(s.on)}: ${s.emphasis}` }))"
        @change="copy"
      />
      <p class="quiet max-w-420px pb-9px">Its parts come over, with their set-ups; the day is the new one.</p>
    </div>
    <ProblemNote v-if="problem" :problem="problem" />
  </section>
</template>

<style scoped>
.line > * {
  min-width: 130px;
}
.line :deep(.ant-checkbox-wrapper) {
  padding-bottom: 9px;
}
</style>

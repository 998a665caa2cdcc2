<script setup lang="ts">
import dayjs from 'dayjs'
import { computed } from 'vue'
import type { BlockView } from '../api/schema'
import GaitChip from '../house/GaitChip.vue'
import WhyButton from '../house/WhyButton.vue'
import { shortDay } from '../house/format'
import { useCare } from '../house/queries'
import { signedIn } from '../house/signIn'
import { careWords, gaitTints, phaseTints, riseWords } from '../house/words'

/** Phases above, a bar of minutes by gait for each week below, what was ridden beside it. */
const props = defineProps<{ block: BlockView; horseId: string }>()
const { data: care } = useCare(() => props.horseId)
const weeks = computed(() => props.block.plan.weeks)
const today = computed(() => signedIn.value?.today ?? '')
const here = computed(() => weeks.value.filter((w) => w.monday <= today.value).length)
const highest = computed(() =>
  Math.max(60, ...weeks.value.map((w) => w.minutes.total), ...props.block.weeks.map((w) => w.done.total)),
)
const height = (minutes: number) => `${(minutes / highest.value) * 116}px`
const gaits = ['canter', 'trot', 'walk'] as const
const done = (i: number) => props.block.weeks[i]?.done
/** What else stands in a week: the competition, the farrier. */
const marks = (monday: string) => {
  const last = dayjs(monday).add(6, 'day').format('YYYY-MM-DD')
  const inWeek = (day: string | null | undefined) => Boolean(day && day >= monday && day <= last)
  return [
    ...(props.block.aim && inWeek(props.block.aim.on) ? [`★ ${shortDay(props.block.aim.on).slice(4)}`] : []),
    ...(care.value?.due ?? [])
      .filter((d) => inWeek(d.dueOn))
      .map((d) => `${careWords[d.kind].toLowerCase()} due`),
    ...(props.block.entry.fixtures ?? []).filter((f) => inWeek(f.on)).map((f) => f.what || f.kind || ''),
  ]
}
</script>

<template>
  <section class="card grid gap-10px" aria-labelledby="phases-head">
    <h2 id="phases-head" class="visually-hidden">Phases and weekly minutes</h2>
    <div
      class="grid grid-cols-[repeat(var(--weeks),minmax(34px,1fr))] gap-y-6px gap-x-4px overflow-x-auto"
      :style="{ '--weeks': weeks.length }"
    >
      <div
        v-for="p in block.plan.phases"
        :key="p.firstWeek"
        class="phase flex items-center min-w-0 py-5px px-8px rounded-5px"
        :class="phaseTints[p.phase]"
        :style="{ gridColumn: `${p.firstWeek} / ${p.lastWeek + 1}` }"
      >
        <strong :title="p.says">{{ p.says }}</strong>
        <WhyButton :why="p.why" :of="`this phase, ${p.says}`" />
      </div>
      <div
        v-for="(w, i) in weeks"
        :key="w.monday"
        class="week grid justify-items-center content-start text-center"
        :class="{ now: w.number === here }"
        :style="{ gridColumn: w.number }"
      >
        <div
          class="flex items-end justify-center gap-3px h-120px w-full"
          role="img"
          :aria-label="`Week ${w.number}: planned ${w.minutes.walk} walk, ${w.minutes.trot} trot, ${w.minutes.canter} canter${done(i)?.total ? `; ridden ${done(i)!.total}` : ''} minutes`"
        >
          <span class="planned flex flex-col">
            <i
              v-for="g in gaits"
              :key="g"
              :class="gaitTints[g]"
              :style="{ height: height(w.minutes[g]) }"
              class="block"
            />
          </span>
          <span v-if="done(i)?.total" class="flex flex-col w-8px">
            <i
              v-for="g in gaits"
              :key="g"
              :class="gaitTints[g]"
              :style="{ height: height(done(i)![g]) }"
              class="block"
            />
          </span>
        </div>
        <strong class="total text-0.95rem">{{ w.minutes.total }}</strong>
        <span class="small quiet">{{ w.goal.lighter ? 'lighter' : shortDay(w.monday).slice(4) }}</span>
        <span v-for="mark in marks(w.monday)" :key="mark" class="mark small">{{ mark }}</span>
      </div>
    </div>
    <div class="row spread small quiet">
      <p class="row gap-14px">
        <GaitChip gait="walk" word /><GaitChip gait="trot" word /><GaitChip gait="canter" word />
        <span>minutes a week; narrow beside it what was ridden</span>
      </p>
      <p v-if="weeks[here - 1]">
        This week: {{ riseWords[weeks[here - 1]!.goal.rises] }}
        <WhyButton :why="weeks[here - 1]!.why.minutes" of="this week's minutes" />
      </p>
    </div>
  </section>
</template>

<style scoped>
.phase strong {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.week.now {
  background: var(--straw-pale);
  border-radius: 6px;
  box-shadow: inset 0 -3px 0 var(--straw);
}
.planned {
  width: min(60%, 46px);
}
.mark {
  padding: 0 4px;
  border-radius: 4px;
  background: var(--ink);
  color: var(--on-ink);
  overflow: hidden;
  max-width: 100%;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>

<script setup lang="ts">
import { computed } from 'vue'
import type { Arena, FigurePoint, GaitVariant } from '../api/schema'
import GroundDrawing from '../setups/GroundDrawing.vue'

/** A test from above, A on the left: the way of every line, and of those that are chosen in the colour of their gait. */
const props = defineProps<{
  arena: Arena
  ways: FigurePoint[][]
  /** The gait of each line. */
  gaits: (GaitVariant | null | undefined)[]
  /** Lines that are shown above the others; none: all of them. */
  chosen: number[]
  title: string
}>()
const all = computed(() => props.chosen.length === 0)
const isChosen = (i: number) => all.value || props.chosen.includes(i)
const gaitOf = (i: number) => /^[a-z]+/.exec(props.gaits[i] ?? 'trot')![0]
const path = (points: FigurePoint[]) =>
  `M${points.map((p) => `${p.along.toFixed(2)} ${p.across.toFixed(2)}`).join('L')}`
const lines = computed(() =>
  props.ways
    .map((points, i) => ({ points, i }))
    .filter((l) => l.points.length > 1)
    .sort((a, b) => Number(isChosen(a.i)) - Number(isChosen(b.i))),
)

/** Where a line ends, and the way it points there. */
const heads = computed(() =>
  lines.value
    .filter((l) => !all.value && isChosen(l.i))
    .map(({ points, i }) => {
      const [a, b] = [points.at(-2)!, points.at(-1)!]
      const degrees = (Math.atan2(b.across - a.across, b.along - a.along) * 180) / Math.PI
      return { i, at: b, degrees }
    }),
)
/** Where a chosen line begins; on the spot that is all there is of it. */
const starts = computed(() =>
  all.value
    ? []
    : props.chosen
        .map((i) => ({
          i,
          at:
            props.ways[i]?.[0] ??
            props.ways
              .slice(0, i)
              .findLast((w) => w.length)
              ?.at(-1),
        }))
        .filter((s) => s.at !== undefined),
)
</script>

<template>
  <svg
    :viewBox="`-4 -3.4 ${arena.length + 8} ${arena.width + 7.2}`"
    role="img"
    :aria-label="title"
    class="block w-full rounded-8px bg-bank"
  >
    <GroundDrawing :arena="arena" />
    <path
      v-for="l in lines"
      :key="l.i"
      :d="path(l.points)"
      class="way"
      :class="[isChosen(l.i) ? gaitOf(l.i) : 'behind', { chosen: !all && isChosen(l.i) }]"
    />
    <circle
      v-for="s in starts"
      :key="`s${s.i}`"
      :cx="s.at!.along"
      :cy="s.at!.across"
      r="0.75"
      class="start"
      :class="gaitOf(s.i)"
    />
    <path
      v-for="h in heads"
      :key="`h${h.i}`"
      d="M1 0L-1.1 1.1L-1.1 -1.1Z"
      :transform="`translate(${h.at.along} ${h.at.across}) rotate(${h.degrees})`"
      class="head"
      :class="gaitOf(h.i)"
    />
  </svg>
</template>

<style scoped>
.way {
  fill: none;
  stroke-width: 0.34;
  stroke-linejoin: round;
}
.way.behind {
  stroke: var(--sand-line);
  stroke-width: 0.26;
}
.way.chosen {
  stroke-width: 0.62;
}
.way.walk {
  stroke: var(--walk);
  stroke-dasharray: 0.9 0.5;
}
.way.trot {
  stroke: var(--trot);
}
.way.canter {
  stroke: var(--canter);
}
/* On paper the gaits are told by how the line is drawn. */
@media print {
  .way.trot {
    stroke: var(--ink);
    stroke-width: 0.24;
  }
  .way.canter {
    stroke-width: 0.5;
  }
}
.start,
.head {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 0.22;
}
.head.walk,
.start.walk {
  fill: var(--walk);
}
.head.trot,
.start.trot {
  fill: var(--trot);
}
.head.canter,
.start.canter {
  fill: var(--canter);
}
</style>

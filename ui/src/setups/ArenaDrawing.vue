<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import type { MeasuredSetUp } from '../api/schema'
import ZoomBox from '../house/ZoomBox.vue'
import GroundDrawing from './GroundDrawing.vue'

/** The whole arena from above with A on the left, and what stands in it. Lengths are metres. */
const props = defineProps<{
  sets: MeasuredSetUp[]
  /** Where two of them meet, to be looked at. */
  marks?: { along: number; across: number }[]
  feet?: boolean
  numbered?: boolean
  zoomable?: boolean
  movable?: boolean
}>()
/** Metres it was dragged along and across the arena, and that it was let go; or steps by arrow keys. */
const emit = defineEmits<{
  drag: [along: number, across: number]
  drop: []
  nudge: [along: number, across: number]
}>()
const svg = useTemplateRef<SVGSVGElement>('svg')
const arena = computed(
  () => props.sets[0]?.arena ?? { size: 'sixtyByTwenty' as const, length: 60, width: 20, letters: [] },
)
const whole = computed(() => ({
  x: -3.4,
  y: -3.4,
  width: arena.value.length + 6.8,
  height: arena.value.width + 6.8,
}))
const polesOnly = ['pole', 'raisedPole', 'placingPole', 'emptyWings']

const path = (m: MeasuredSetUp) => `M${m.track.map((p) => `${p.along} ${p.across}`).join('L')}`
/** The arrow at the end of a track points the way the last piece of it goes. */
const arrow = (m: MeasuredSetUp) => {
  const [a, b] = m.track.slice(-2)
  if (!a || !b) return null
  return {
    x: b.along,
    y: b.across,
    turn: (Math.atan2(b.across - a.across, b.along - a.along) * 180) / Math.PI,
  }
}
const first = (m: MeasuredSetUp) => m.elements[0]!

let held: { x: number; y: number; scale: number } | null = null
function take(event: PointerEvent) {
  const matrix = svg.value?.getScreenCTM()
  if (!props.movable || !matrix) return
  held = { x: event.clientX, y: event.clientY, scale: 1 / matrix.a }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  event.preventDefault()
  event.stopPropagation()
}
function drag(event: PointerEvent) {
  if (held) emit('drag', (event.clientX - held.x) * held.scale, (event.clientY - held.y) * held.scale)
}
function drop() {
  if (held) emit('drop')
  held = null
}
function key(event: KeyboardEvent) {
  const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
  if (!props.movable || !step) return
  event.preventDefault()
  event.stopPropagation()
  emit('nudge', step[0]!, step[1]!)
}
</script>

<template>
  <ZoomBox v-slot="{ viewBox }" :whole="whole" :off="!zoomable">
    <svg
      ref="svg"
      class="arena block w-full"
      :viewBox="viewBox"
      :role="movable ? 'group' : 'img'"
      :aria-label="`Arena ${arena.length} by ${arena.width} metres: ${sets.map((s) => s.title).join('; ')}`"
      @pointermove="drag"
      @pointerup="drop"
      @pointercancel="drop"
    >
      <GroundDrawing :arena="arena" />
      <g
        v-for="(m, s) in sets"
        :key="s"
        v-bind="
          movable
            ? {
                tabindex: 0,
                role: 'button',
                class: 'movable',
                'aria-label': `Move ${m.title} in the arena: arrows`,
              }
            : {}
        "
        @pointerdown="take"
        @keydown="key"
      >
        <path v-if="movable" :d="path(m)" class="fill-none [stroke:transparent] stroke-4" />
        <path
          :d="path(m)"
          class="track fill-none stroke-canter stroke-0.3 [stroke-dasharray:0.9_0.6]"
          :class="m.figure ? 'figure' : ''"
        />
        <path
          v-if="arrow(m) && !m.figure?.closed"
          d="M0 0l-1.3 -0.8v1.6z"
          :transform="`translate(${arrow(m)!.x} ${arrow(m)!.y}) rotate(${arrow(m)!.turn})`"
          fill="var(--canter)"
        />
        <template v-if="feet">
          <circle
            v-for="(h, i) in m.hoofprints"
            :key="`h${i}`"
            :cx="h.along"
            :cy="h.across"
            r="0.17"
            class="foot"
            :class="h.gait"
          />
        </template>
        <g
          v-for="(e, i) in m.elements"
          :key="i"
          :transform="`translate(${e.along} ${e.across}) rotate(${e.faces})`"
        >
          <template v-if="e.kind === 'corridor'">
            <line
              v-for="side in [-1, 1]"
              :key="side"
              :x2="e.spread"
              :y1="(side * e.width) / 2"
              :y2="(side * e.width) / 2"
              class="rail stroke-ink stroke-0.28"
            />
          </template>
          <template v-else-if="e.kind === 'mark'">
            <circle r="0.42" class="fill-straw stroke-ink stroke-0.12" />
          </template>
          <rect
            v-else
            x="-0.16"
            :y="-e.width / 2"
            :width="0.32 + e.spread"
            :height="e.width"
            :fill="polesOnly.includes(e.kind) ? 'var(--pole)' : 'var(--ink)'"
            stroke="var(--ink)"
            stroke-width="0.12"
          />
        </g>
        <g v-if="numbered">
          <circle :cx="first(m).along" :cy="first(m).across - 2.4" r="1.15" fill="var(--ink)" />
          <text :x="first(m).along" :y="first(m).across - 1.85" class="number">{{ s + 1 }}</text>
        </g>
      </g>
      <circle
        v-for="(k, i) in marks ?? []"
        :key="`k${i}`"
        :cx="k.along"
        :cy="k.across"
        r="1.5"
        class="fill-none stroke-grave stroke-0.35"
      />
    </svg>
  </ZoomBox>
</template>

<style scoped>
text.number {
  font: 700 1.6px var(--font);
  text-anchor: middle;
  fill: var(--on-ink);
}
.track.figure {
  stroke: var(--quiet);
  stroke-width: 0.2;
}
.movable {
  cursor: grab;
  touch-action: none;
}
/* An outline here would be metres wide. */
.movable:focus-visible {
  outline: none;
}
.movable:focus-visible .track {
  stroke: var(--focus);
  stroke-width: 0.7;
}
.movable:active {
  cursor: grabbing;
}
</style>

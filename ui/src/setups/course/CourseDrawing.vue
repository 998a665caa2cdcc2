<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import type { MeasuredSetUp } from '../../api/schema'
import ZoomBox from '../../house/ZoomBox.vue'
import GroundDrawing from '../GroundDrawing.vue'

/** A course from above: numbered fences, the way between them, this horse's strides. Lengths are metres. */
const props = defineProps<{ measured: MeasuredSetUp; movable?: boolean; zoomable?: boolean }>()
/** A fence was dragged so far along and across, or turned; and let go. */
const emit = defineEmits<{
  drag: [fence: number, along: number, across: number]
  drop: []
  nudge: [fence: number, along: number, across: number]
  turn: [fence: number, degrees: number]
}>()
const svg = useTemplateRef<SVGSVGElement>('svg')
const arena = computed(() => props.measured.arena)
const whole = computed(() => ({
  x: -3.4,
  y: -3.4,
  width: arena.value.length + 6.8,
  height: arena.value.width + 6.8,
}))
/** A field is larger than an arena: what is written in it grows with it. */
const scale = computed(() => Math.max(1, arena.value.length / 60))
const path = computed(() => `M${props.measured.track.map((p) => `${p.along} ${p.across}`).join('L')}`)
const numbers = computed(() => props.measured.course!.numbers)
/** The number stands before the fence, a little to its side. */
const label = (i: number) => {
  const e = props.measured.elements[i]!
  const way = (e.faces * Math.PI) / 180
  const off = 2.5 * scale.value
  return {
    x: e.along - off * 0.5 * Math.cos(way) + off * Math.sin(way),
    y: e.across - off * 0.5 * Math.sin(way) - off * Math.cos(way),
  }
}
const low = ['emptyWings', 'ditch', 'water']

let held: { fence: number; x: number; y: number; scale: number } | null = null
function take(event: PointerEvent, fence: number) {
  const matrix = svg.value?.getScreenCTM()
  if (!props.movable || !matrix) return
  held = { fence, x: event.clientX, y: event.clientY, scale: 1 / matrix.a }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  event.preventDefault()
  event.stopPropagation()
}
function drag(event: PointerEvent) {
  if (held)
    emit('drag', held.fence, (event.clientX - held.x) * held.scale, (event.clientY - held.y) * held.scale)
}
function drop() {
  if (held) emit('drop')
  held = null
}
function key(event: KeyboardEvent, fence: number) {
  if (!props.movable) return
  const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
  const turned = { '[': -5, ']': 5 }[event.key]
  if (!step && !turned) return
  event.preventDefault()
  event.stopPropagation()
  if (step) emit('nudge', fence, step[0]! * 0.5, step[1]! * 0.5)
  else emit('turn', fence, turned!)
}
</script>

<template>
  <ZoomBox v-slot="{ viewBox }" :whole="whole" :off="!zoomable">
    <svg
      ref="svg"
      class="arena block w-full max-h-520px"
      :viewBox="viewBox"
      :role="movable ? 'group' : 'img'"
      :aria-label="measured.title"
      @pointermove="drag"
      @pointerup="drop"
      @pointercancel="drop"
    >
      <GroundDrawing :arena="arena" />
      <path
        :d="path"
        class="fill-none stroke-canter [stroke-dasharray:0.9_0.6]"
        :stroke-width="0.3 * scale"
      />
      <circle
        v-for="(h, i) in measured.hoofprints"
        :key="`h${i}`"
        :cx="h.along"
        :cy="h.across"
        r="0.17"
        class="foot"
        :class="h.gait"
      />
      <g
        v-for="(e, i) in measured.elements"
        :key="i"
        v-bind="
          movable
            ? {
                tabindex: 0,
                role: 'button',
                class: 'movable',
                'aria-label': `Move fence ${numbers[i]}: arrows; turn it: [ and ]`,
              }
            : {}
        "
        @pointerdown="take($event, i)"
        @keydown="key($event, i)"
      >
        <g :transform="`translate(${e.along} ${e.across}) rotate(${e.faces})`">
          <rect
            v-if="movable"
            x="-1.4"
            y="-2.6"
            :width="2.8 + e.spread"
            height="5.2"
            class="fill-transparent"
          />
          <rect
            :x="-0.16 * scale"
            :y="-e.width / 2"
            :width="0.32 * scale + e.spread"
            :height="e.width"
            class="fence"
            :class="{ low: low.includes(e.kind), water: e.kind === 'water' }"
          />
          <path d="M1.5 0l-1 -0.6v1.2z" class="fill-ink" :transform="`translate(${e.spread} 0)`" />
        </g>
        <circle :cx="label(i).x" :cy="label(i).y" :r="1.25 * scale" class="fill-ink" />
        <text :x="label(i).x" :y="label(i).y + 0.55 * scale" :font-size="1.5 * scale" class="number">
          {{ numbers[i] }}
        </text>
      </g>
    </svg>
  </ZoomBox>
</template>

<style scoped>
.number {
  font-family: var(--font);
  font-weight: 700;
  text-anchor: middle;
  fill: var(--on-ink);
}
.fence {
  fill: var(--ink);
  stroke: var(--ink);
  stroke-width: 0.12;
}
.fence.low {
  fill: var(--pole);
}
.fence.water {
  fill: var(--walk);
  fill-opacity: 0.35;
}
.movable {
  cursor: grab;
  touch-action: none;
}
.movable:focus-visible {
  outline: none;
}
.movable:focus-visible .fence {
  stroke: var(--focus);
  stroke-width: 0.6;
}
.movable:active {
  cursor: grabbing;
}
</style>

<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import type { LengthUnit, MeasuredSetUp } from '../api/schema'
import ZoomBox from '../house/ZoomBox.vue'
import { fitWords } from '../house/words'
import ElementFromAbove from './ElementFromAbove.vue'

/**
 * The line close up, to scale, ridden from left to right: poles, this horse's feet, the tape, and the
 * fit at each gap. Lengths are centimetres.
 */
const props = defineProps<{
  measured: MeasuredSetUp
  unit: LengthUnit
  movable?: boolean
  zoomable?: boolean
}>()
/** Metres an element was dragged from where it stood, and that it was let go; steps of the tape it was nudged. */
const emit = defineEmits<{
  drag: [element: number, metres: number]
  drop: []
  nudge: [element: number, steps: number]
}>()

type Element_ = MeasuredSetUp['elements'][number]

const svg = useTemplateRef<SVGSVGElement>('svg')
let dragged: { element: number; from: number; perPixel: number } | null = null

function take(event: PointerEvent, element: number) {
  if (!props.movable || element === 0 || !svg.value) return
  const matrix = svg.value.getScreenCTM()
  if (!matrix) return
  dragged = { element, from: event.clientX, perPixel: 1 / matrix.a / 100 }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  event.preventDefault()
  event.stopPropagation()
}
function drag(event: PointerEvent) {
  if (dragged) emit('drag', dragged.element, (event.clientX - dragged.from) * dragged.perPixel)
}
function drop() {
  if (dragged) emit('drop')
  dragged = null
}
function key(event: KeyboardEvent, element: number) {
  const steps = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
  if (!props.movable || element === 0 || !steps) return
  event.preventDefault()
  event.stopPropagation()
  emit('nudge', element, steps)
}

const before = 330
const after = 420
const length = computed(() => props.measured.length * 100)
/** A long line is drawn smaller, and its words and its tape keep their size on the screen. */
const k = computed(() => Math.max(1, (before + length.value + after) / 1500))
const tapeAt = computed(() => 160 + 45 * k.value)
const labelsAt = computed(() => tapeAt.value + 57 * k.value)
const top = computed(() => -170 - 45 * k.value)
const high = computed(() => labelsAt.value + 120 * k.value - top.value)
const whole = computed(() => ({
  x: -before,
  y: top.value,
  width: before + length.value + after,
  height: high.value,
}))
/** Of a zigzag each pole is slanted against the next. */
const middleFaces = computed(() => {
  const [a, b] = props.measured.elements
  return a && b && !props.measured.bending ? (a.faces + b.faces) / 2 : null
})
const slant = (e: Element_) => (middleFaces.value === null ? 0 : e.faces - middleFaces.value)
const feet = computed(() =>
  props.measured.hoofprints
    .map((h) => ({ x: h.at * 100, y: h.right * 100, gait: h.gait }))
    .filter((f) => f.x > -before + 10 && f.x < length.value + after - 10),
)
const step = computed(() => (length.value > 2500 ? 500 : length.value + after > 900 ? 100 : 50))
const named = computed(() => (length.value > 2500 ? 500 : 100))
const ticks = computed(() =>
  Array.from({ length: Math.floor(length.value / step.value) + 1 }, (_, i) => i * step.value),
)
const reading = (text: { metres: string; feet: string; paces: string }) =>
  props.unit === 'feet' ? text.feet : props.unit === 'paces' ? `${text.paces} paces` : text.metres
/** One label a gap, as wide as the gap allows: on one line where there is room, else on two. */
const labels = computed(() =>
  props.measured.gaps.map((gap, i) => {
    const [first, second] = [props.measured.elements[i]!, props.measured.elements[i + 1]!]
    const from = (first.at + (first.kind === 'corridor' ? 0 : first.spread)) * 100
    const to = second.at * 100
    return {
      x: (from + to) / 2,
      width: Math.min(to - from - 8, 250 * k.value),
      reading: reading(gap.built.text),
      fit: gap.fit,
      strides:
        gap.between && gap.between.strides > 0
          ? `${gap.between.strides} × ${gap.between.strideNeeded.toFixed(2)}`
          : '',
    }
  }),
)
const roomy = computed(() => labels.value.every((l) => l.width >= 220 * k.value))
/** Height and spread of a fence, in centimetres, above it. */
const sizeOf = (e: Element_) =>
  e.height > 0 ? `${Math.round(e.height * 100)}${e.spread > 0 ? ` x ${Math.round(e.spread * 100)}` : ''}` : ''
</script>

<template>
  <ZoomBox v-slot="{ viewBox }" :whole="whole" :off="!zoomable">
    <svg
      ref="svg"
      class="block w-full max-h-430px rounded-8px bg-sand"
      :viewBox="viewBox"
      :role="movable ? 'group' : 'img'"
      :aria-label="measured.title"
      @pointermove="drag"
      @pointerup="drop"
      @pointercancel="drop"
    >
      <rect :x="-before" :y="top" :width="before + length + after" :height="high" fill="var(--sand)" />
      <g stroke="var(--sand-line)" stroke-width="1.5" opacity="0.6">
        <line
          v-for="i in Math.floor(high / (40 * k))"
          :key="i"
          :x1="-before"
          :x2="length + after"
          :y1="top + i * 40 * k"
          :y2="top + i * 40 * k"
        />
      </g>
      <line
        :x1="-before"
        :x2="length + after"
        y1="0"
        y2="0"
        stroke="var(--quiet)"
        stroke-width="2"
        stroke-dasharray="3 16"
      />

      <g v-for="(jump, i) in measured.jumps" :key="`j${i}`" class="air">
        <line
          v-for="x in [jump.takeOffAt * 100, jump.landingAt * 100]"
          :key="x"
          :x1="x"
          :x2="x"
          y1="-42"
          y2="42"
          class="stroke-canter stroke-3 [stroke-dasharray:7_6]"
        />
      </g>
      <g v-for="(foot, i) in feet" :key="`f${i}`" :transform="`translate(${foot.x} ${foot.y})`">
        <path d="M-5 -7C3 -8 8 -4 8 0C8 4 3 8 -5 7C-1 4 -1 -4 -5 -7Z" :class="foot.gait" class="foot" />
      </g>

      <g
        v-for="(e, i) in measured.elements"
        :key="`e${i}`"
        :transform="`translate(${e.at * 100} 0)`"
        v-bind="
          movable && i > 0
            ? {
                tabindex: 0,
                role: 'button',
                class: 'movable',
                'aria-label': `Move ${e.name}, now at ${reading(e.atText)}: left and right arrows`,
              }
            : {}
        "
        @pointerdown="(event) => take(event, i)"
        @keydown="(event) => key(event, i)"
      >
        <rect
          v-if="movable && i > 0"
          x="-45"
          y="-175"
          :width="90 + e.spread * 100"
          height="350"
          fill="transparent"
        />
        <ElementFromAbove :element="e" :narrow="measured.narrow" :slant="slant(e)" />
        <text
          :x="e.kind === 'corridor' ? 0 : e.spread * 50"
          :y="-165 - 8 * k"
          class="name"
          :style="{ fontSize: `${29 * k}px` }"
        >
          {{
            measured.elements.length <= 3 && k < 1.4 ? e.name : `${i + 1}${sizeOf(e) ? `: ${sizeOf(e)}` : ''}`
          }}
        </text>
      </g>

      <g v-if="length > 0" :transform="`translate(0 ${tapeAt}) scale(1 ${k})`">
        <rect
          x="-6"
          y="0"
          :width="length + 12"
          height="42"
          rx="4"
          fill="var(--tape)"
          stroke="var(--tape-edge)"
          stroke-width="2"
        />
        <g v-for="t in ticks" :key="t">
          <line
            :x1="t"
            :x2="t"
            y1="0"
            :y2="t % named === 0 ? 20 : 12"
            stroke="var(--on-tape)"
            :stroke-width="2 * k"
          />
          <text
            v-if="t % named === 0 && length - t > 40 * k"
            :transform="`translate(${t + 5 * k} 35) scale(${k} 1)`"
            class="tick"
          >
            {{ t / 100 }} m
          </text>
        </g>
      </g>

      <g v-for="label in labels" :key="`g${label.x}`" :transform="`translate(${label.x} ${labelsAt})`">
        <g :transform="`scale(${k})`">
          <rect
            :x="-label.width / 2 / k"
            y="0"
            :width="label.width / k"
            :height="roomy ? 54 : 84"
            rx="10"
            :class="['fit', label.fit]"
          />
          <text v-if="roomy" class="fit-text" :class="label.fit" y="37">
            {{ label.reading }} {{ fitWords[label.fit] }}
          </text>
          <template v-else>
            <text class="fit-text" :class="label.fit" y="35">{{ label.reading }}</text>
            <text class="fit-text" :class="label.fit" y="70">{{ fitWords[label.fit] }}</text>
          </template>
          <text v-if="label.strides" :y="roomy ? 78 : 106" class="strides">{{ label.strides }}</text>
        </g>
      </g>
      <text :x="-before + 14" :y="labelsAt + 108 * k" class="way" :style="{ fontSize: `${21 * k}px` }">
        ridden this way →{{ measured.lead ? ` ${measured.lead} lead` : '' }}
      </text>
    </svg>
  </ZoomBox>
</template>

<style scoped>
text {
  font-family: var(--font);
  fill: var(--ink);
}
.movable {
  cursor: grab;
  touch-action: none;
}
.movable:focus-visible {
  outline-width: 7px;
}
.movable:active {
  cursor: grabbing;
}
.name {
  font-size: 29px;
  font-weight: 700;
  text-anchor: middle;
}
.strides {
  font-size: 20px;
  text-anchor: middle;
  fill: var(--quiet);
}
.way {
  font-size: 21px;
  fill: var(--quiet);
}
.tick {
  font-size: 18px;
  fill: var(--on-tape);
}
.foot {
  transform: scale(1.25);
}
.fit {
  fill: var(--true);
}
.fit.tight,
.fit.forward {
  fill: var(--tight);
}
.fit.tooShort,
.fit.long {
  fill: var(--long);
}
.fit-text {
  font-size: 29px;
  font-weight: 700;
  text-anchor: middle;
  fill: var(--on-true);
}
.fit-text.tight,
.fit-text.forward {
  fill: var(--on-tight);
}
.fit-text.tooShort,
.fit-text.long {
  fill: var(--on-long);
}
</style>

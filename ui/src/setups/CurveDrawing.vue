<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue'
import type { LengthUnit, MeasuredSetUp } from '../api/schema'
import ZoomBox from '../house/ZoomBox.vue'
import { fitWords } from '../house/words'

/** Poles on a curve from above, to scale: the way that is ridden, this horse's feet along it, the step at each radius. Lengths are metres. */
const props = defineProps<{ measured: MeasuredSetUp; unit: LengthUnit; zoomable?: boolean }>()
const curve = computed(() => props.measured.curve!)
const half = 1.5
const point = (degrees: number, radius: number) => ({
  x: curve.value.centreAlong + radius * Math.cos((degrees * Math.PI) / 180),
  y: curve.value.centreAcross + radius * Math.sin((degrees * Math.PI) / 180),
})
/** Of a pole ridden on the right rein the centre is on its right. */
const inner = computed(() => (props.measured.elements[0]!.faces > curve.value.degrees[0]! ? 'right' : 'left'))
const poles = computed(() =>
  curve.value.degrees.map((d, i) => {
    const [from, to] = [point(d, curve.value.radius - half), point(d, curve.value.radius + half)]
    const raised = props.measured.elements[i]!.raised
    const up = raised === 'both' ? [from, to] : raised === 'none' ? [] : [raised === inner.value ? from : to]
    return { from, to, up, name: point(d, curve.value.radius + half + 0.75) }
  }),
)
const fan = computed(() => curve.value.radii.length > 0)
/** A fan is shown close up, a clock with its whole circle. */
const box = computed(() => {
  const c = curve.value
  const r = c.radius + half + 1.6
  if (!fan.value) return { x: c.centreAlong - r - 6, y: c.centreAcross - r, width: 2 * r + 12, height: 2 * r }
  const xs = poles.value.flatMap((p) => [p.from.x, p.to.x])
  const ys = poles.value.flatMap((p) => [p.from.y, p.to.y])
  const [left, right] = [Math.min(...xs) - 5.2, Math.max(...xs) + 5.2]
  const [top, bottom] = [Math.min(...ys) - 1.7, Math.max(...ys) + 1.2]
  return { x: left, y: top, width: right - left, height: bottom - top }
})
/** Beside the last pole, at each radius. */
const right = computed(() => props.measured.elements[0]!.faces < props.measured.elements.at(-1)!.faces)
const labels = computed(() =>
  curve.value.radii
    .filter((r, i, all) => i === 0 || i === all.length - 1 || r.radius === curve.value.radius)
    .map((r) => {
      const at = point(curve.value.degrees.at(-1)!, r.radius)
      return {
        ...r,
        at: {
          x: at.x + (right.value ? 0.45 : -0.45),
          y: at.y + (r.radius === curve.value.radius ? -0.42 : 0.15),
        },
      }
    }),
)
/** The rider, somewhere between the inner and the outer ends of a fan: which radius, and what the step is there. */
const svg = useTemplateRef<SVGSVGElement>('svg')
const ridden = ref(0)
const middle = computed(() => Math.floor(curve.value.radii.length / 2))
watch(middle, (m) => (ridden.value = m), { immediate: true })
const rider = computed(() => {
  const r = curve.value.radii[ridden.value]
  const [first, second] = curve.value.degrees
  return r ? { ...r, at: point((first! + second!) / 2, r.radius) } : null
})
let riding = false
function ride(event: PointerEvent) {
  const matrix = svg.value?.getScreenCTM()
  if (!riding || !matrix) return
  const radius = Math.hypot(
    (event.clientX - matrix.e) / matrix.a - curve.value.centreAlong,
    (event.clientY - matrix.f) / matrix.d - curve.value.centreAcross,
  )
  const radii = curve.value.radii
  ridden.value = radii.reduce(
    (best, r, i) => (Math.abs(r.radius - radius) < Math.abs(radii[best]!.radius - radius) ? i : best),
    0,
  )
}
function take(event: PointerEvent) {
  riding = true
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  event.preventDefault()
  event.stopPropagation()
}
const drop = () => (riding = false)
function step(event: KeyboardEvent) {
  const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key]
  if (!by) return
  event.preventDefault()
  event.stopPropagation()
  ridden.value = Math.min(curve.value.radii.length - 1, Math.max(0, ridden.value + by))
}
const reading = computed(() => {
  const text = props.measured.gaps[0]!.built.text
  return props.unit === 'feet' ? text.feet : props.unit === 'paces' ? `${text.paces} paces` : text.metres
})
</script>

<template>
  <ZoomBox v-slot="{ viewBox }" :whole="box" :off="!zoomable">
    <svg
      ref="svg"
      class="curve"
      :viewBox="viewBox"
      :role="zoomable ? 'group' : 'img'"
      :aria-label="measured.title"
      @pointermove="ride"
      @pointerup="drop"
      @pointercancel="drop"
    >
      <rect x="-20" y="-20" width="100" height="60" fill="var(--sand)" />
      <circle
        v-for="r in fan ? [curve.radius - half, curve.radius, curve.radius + half] : [curve.radius]"
        :key="r"
        :cx="curve.centreAlong"
        :cy="curve.centreAcross"
        :r="r"
        class="way fill-none stroke-sand-line stroke-0.05"
        :class="{ ridden: r === curve.radius }"
      />
      <circle :cx="curve.centreAlong" :cy="curve.centreAcross" r="0.14" fill="var(--ink)" />
      <text v-if="!fan" :x="curve.centreAlong" :y="curve.centreAcross - 0.5" class="word">centre</text>
      <g v-for="(p, i) in poles" :key="i">
        <line
          :x1="p.from.x"
          :y1="p.from.y"
          :x2="p.to.x"
          :y2="p.to.y"
          class="stroke-ink stroke-0.19 stroke-cap-round"
        />
        <line
          :x1="p.from.x"
          :y1="p.from.y"
          :x2="p.to.x"
          :y2="p.to.y"
          class="stroke-pole stroke-0.11 stroke-cap-round"
        />
        <circle
          v-for="(up, n) in p.up"
          :key="`up${n}`"
          :cx="up.x"
          :cy="up.y"
          r="0.17"
          class="fill-straw stroke-ink stroke-0.05"
        />
        <text :x="p.name.x" :y="p.name.y + 0.2" class="number">{{ i + 1 }}</text>
      </g>
      <circle
        v-for="(h, i) in measured.hoofprints"
        :key="`h${i}`"
        :cx="h.along"
        :cy="h.across"
        r="0.13"
        class="foot"
        :class="h.gait"
      />
      <g v-for="l in labels" :key="l.radius">
        <text
          :x="l.at.x"
          :y="l.at.y"
          class="step"
          :class="{ main: l.radius === curve.radius, start: right, end: !right }"
        >
          {{ l.radius === curve.radius ? reading : `${l.step.toFixed(2)} m` }} {{ fitWords[l.fit] }}
        </text>
      </g>
      <g
        v-if="zoomable && rider"
        class="rider"
        tabindex="0"
        role="slider"
        aria-label="Ridden from the centre, in the drawing"
        :aria-valuenow="rider.radius"
        :aria-valuemin="curve.radii[0]!.radius"
        :aria-valuemax="curve.radii.at(-1)!.radius"
        :aria-valuetext="`${rider.radius.toFixed(2)} m: step ${rider.step.toFixed(2)} m, ${fitWords[rider.fit]}`"
        @pointerdown="take"
        @keydown="step"
      >
        <circle :cx="rider.at.x" :cy="rider.at.y" r="0.34" class="fill-straw stroke-ink stroke-0.08" />
        <text :x="box.x + box.width / 2" :y="box.y + box.height - 0.35" class="step main">
          at {{ rider.radius.toFixed(2) }} m the step is {{ rider.step.toFixed(2) }} m,
          {{ fitWords[rider.fit] }}
        </text>
      </g>
      <text v-if="!fan" :x="curve.centreAlong" :y="curve.centreAcross + 1.3" class="step main">
        {{ measured.gaps[0]!.between!.strides }} × {{ measured.gaps[0]!.between!.strideNeeded.toFixed(2) }} m
        in each quarter,
        {{ fitWords[measured.gaps[0]!.fit] }}
      </text>
    </svg>
  </ZoomBox>
</template>

<style scoped>
.curve {
  display: block;
  width: 100%;
  max-height: 430px;
  border-radius: 8px;
  background: var(--sand);
}
text {
  font-family: var(--font);
  fill: var(--ink);
}
.way.ridden {
  stroke: var(--quiet);
  stroke-width: 0.06;
  stroke-dasharray: 0.3 0.3;
}
.number {
  font-size: 0.6px;
  font-weight: 700;
  text-anchor: middle;
}
.word {
  font-size: 0.5px;
  text-anchor: middle;
  fill: var(--quiet);
}
.step {
  font-size: 0.42px;
  text-anchor: middle;
  fill: var(--quiet);
}
.step.main {
  font-size: 0.55px;
  font-weight: 700;
  fill: var(--ink);
}
.rider {
  cursor: ns-resize;
  touch-action: none;
}
/* An outline here would be metres wide. */
.rider:focus-visible {
  outline: none;
}
.rider:focus-visible circle {
  stroke: var(--focus) !important;
  stroke-width: 0.18 !important;
}
.start {
  text-anchor: start;
}
.end {
  text-anchor: end;
}
.step.whole {
  font-size: 0.85px;
}
</style>

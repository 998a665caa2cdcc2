<script setup lang="ts">
import { computed } from 'vue'
import type { LengthUnit, MeasuredSetUp } from '../../api/schema'
import ZoomBox from '../../house/ZoomBox.vue'
import { fitWords } from '../../house/words'

/** A square of poles from above, to scale: its open corners, the way that is ridden, this horse's feet. Lengths are metres. */
const props = defineProps<{ measured: MeasuredSetUp; unit: LengthUnit; zoomable?: boolean }>()
const around = 2.2

/** A pole from end to end, square to the way over it. */
const poles = computed(() =>
  props.measured.elements
    .filter((e) => e.kind !== 'mark')
    .map((e) => {
      const turn = (e.faces * Math.PI) / 180
      const [along, across] = [(Math.sin(turn) * e.width) / 2, (Math.cos(turn) * e.width) / 2]
      return { x1: e.along + along, y1: e.across - across, x2: e.along - along, y2: e.across + across }
    }),
)
const box = computed(() => {
  const xs = poles.value.flatMap((p) => [p.x1, p.x2])
  const ys = poles.value.flatMap((p) => [p.y1, p.y2])
  const [left, right] = [Math.min(...xs) - 3 * around, Math.max(...xs) + 3 * around]
  const [top, bottom] = [Math.min(...ys) - around, Math.max(...ys) + around]
  return { x: left, y: top, width: right - left, height: bottom - top }
})
const way = computed(() => props.measured.track.map((p) => `${p.along},${p.across}`).join(' '))
const reading = computed(() => {
  const text = props.measured.gaps[0]!.built.text
  return props.unit === 'feet' ? text.feet : props.unit === 'paces' ? `${text.paces} paces` : text.metres
})
const steps = computed(() => {
  const n = props.measured.square!.inWay
  const word = props.measured.hoofprints[0]?.gait === 'canter' ? 'stride' : 'step'
  return n === 1 ? `1 ${word}` : `${n} ${word}s`
})
</script>

<template>
  <ZoomBox v-slot="{ viewBox }" :whole="box" :off="!zoomable">
    <svg
      class="square block w-full max-h-430px rounded-8px bg-sand"
      :viewBox="viewBox"
      :role="zoomable ? 'group' : 'img'"
      :aria-label="measured.title"
    >
      <rect x="-20" y="-20" width="120" height="70" fill="var(--sand)" />
      <polyline :points="way" class="fill-none stroke-quiet stroke-0.06 [stroke-dasharray:0.3_0.3]" />
      <g v-for="(p, i) in poles" :key="i">
        <line v-bind="p" class="stroke-ink stroke-0.19 stroke-cap-round" />
        <line v-bind="p" class="stroke-pole stroke-0.11 stroke-cap-round" />
      </g>
      <circle
        v-for="(h, i) in measured.hoofprints"
        :key="`h${i}`"
        :cx="h.along"
        :cy="h.across"
        r="0.11"
        class="foot"
        :class="h.gait"
      />
      <text :x="box.x + 0.5" :y="box.y + 0.85" class="font-house text-0.5px font-bold fill-ink">
        {{ measured.square!.side.toFixed(2) }} m from pole to pole
      </text>
      <text
        :x="box.x + box.width - 0.5"
        :y="box.y + box.height - 0.55"
        class="end font-house text-0.5px font-bold fill-ink text-end-at"
      >
        {{ reading }} in {{ steps }}, {{ fitWords[measured.gaps[0]!.fit] }}
      </text>
    </svg>
  </ZoomBox>
</template>

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
    <svg class="square" :viewBox="viewBox" :role="zoomable ? 'group' : 'img'" :aria-label="measured.title">
      <rect x="-20" y="-20" width="120" height="70" fill="var(--sand)" />
      <polyline :points="way" class="way" />
      <g v-for="(p, i) in poles" :key="i">
        <line v-bind="p" class="edge" />
        <line v-bind="p" class="pole" />
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
      <text :x="box.x + 0.5" :y="box.y + 0.85">
        {{ measured.square!.side.toFixed(2) }} m from pole to pole
      </text>
      <text :x="box.x + box.width - 0.5" :y="box.y + box.height - 0.55" class="end">
        {{ reading }} in {{ steps }}, {{ fitWords[measured.gaps[0]!.fit] }}
      </text>
    </svg>
  </ZoomBox>
</template>

<style scoped>
.square {
  display: block;
  width: 100%;
  max-height: 430px;
  border-radius: 8px;
  background: var(--sand);
}
text {
  font-family: var(--font);
  font-size: 0.5px;
  font-weight: 700;
  fill: var(--ink);
}
.end {
  text-anchor: end;
}
.way {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 0.06;
  stroke-dasharray: 0.3 0.3;
}
.edge {
  stroke: var(--ink);
  stroke-width: 0.19;
  stroke-linecap: round;
}
.pole {
  stroke: var(--pole);
  stroke-width: 0.11;
  stroke-linecap: round;
}
</style>

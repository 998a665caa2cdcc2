<script setup lang="ts">
/** Left and right told by position, arrow and number; never by colour alone. */
const props = defineProps<{ left: number; right: number; unit?: string; most?: number }>()
const full = () => props.most ?? Math.max(props.left, props.right, 0.001)
const say = (n: number) => `${Math.round(n * 10) / 10}${props.unit ? ` ${props.unit}` : ''}`
</script>

<template>
  <div
    class="grid grid-cols-[auto_minmax(0,1fr)_minmax(0,1fr)_auto] gap-y-2px gap-x-4px items-center text-0.87rem"
    role="img"
    :aria-label="`Left ${say(left)}, right ${say(right)}`"
  >
    <span class="font-semibold">◀ Left</span>
    <span class="left flex h-14px bg-bank justify-end edge-r-2px-ink"
      ><span :style="{ width: `${(left / full()) * 100}%` }" class="bg-quiet"></span
    ></span>
    <span class="right flex h-14px bg-bank"
      ><span :style="{ width: `${(right / full()) * 100}%` }" class="bg-quiet"></span
    ></span>
    <span class="end font-semibold">Right ▶</span>
    <span class="number">{{ say(left) }}</span>
    <span class="number end">{{ say(right) }}</span>
  </div>
</template>

<style scoped>
.number {
  grid-column: 1 / 3;
  color: var(--quiet);
}
.number.end {
  grid-column: 3 / 5;
  text-align: right;
}
</style>

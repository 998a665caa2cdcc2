<script setup lang="ts">
/** Left and right told by position, arrow and number; never by colour alone. */
const props = defineProps<{ left: number; right: number; unit?: string; most?: number }>()
const full = () => props.most ?? Math.max(props.left, props.right, 0.001)
const say = (n: number) => `${Math.round(n * 10) / 10}${props.unit ? ` ${props.unit}` : ''}`
</script>

<template>
  <div class="balance" role="img" :aria-label="`Left ${say(left)}, right ${say(right)}`">
    <span class="label">◀ Left</span>
    <span class="side left"><span :style="{ width: `${(left / full()) * 100}%` }"></span></span>
    <span class="side right"><span :style="{ width: `${(right / full()) * 100}%` }"></span></span>
    <span class="label end">Right ▶</span>
    <span class="number">{{ say(left) }}</span>
    <span class="number end">{{ say(right) }}</span>
  </div>
</template>

<style scoped>
.balance {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 2px 4px;
  align-items: center;
  font-size: 0.87rem;
}
.label {
  font-weight: 600;
}
.side {
  display: flex;
  height: 14px;
  background: var(--bank);
}
.side.left {
  justify-content: flex-end;
  border-right: 2px solid var(--ink);
}
.side span {
  background: var(--quiet);
}
.number {
  grid-column: 1 / 3;
  color: var(--quiet);
}
.number.end {
  grid-column: 3 / 5;
  text-align: right;
}
</style>

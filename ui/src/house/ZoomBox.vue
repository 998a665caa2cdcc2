<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { computed, ref, useTemplateRef, watch } from 'vue'

/** A drawing that can be looked at closely: wheel, pinch, buttons and keys zoom; dragging and arrows move it. */
const props = defineProps<{
  /** The whole drawing, in its own units. */
  whole: { x: number; y: number; width: number; height: number }
  off?: boolean
}>()
const closest = 8
const factor = ref(1)
const centre = ref({ x: 0, y: 0 })
const inside = ref(false)
const root = useTemplateRef<HTMLElement>('root')

const middle = computed(() => ({
  x: props.whole.x + props.whole.width / 2,
  y: props.whole.y + props.whole.height / 2,
}))
const view = computed(() => {
  if (factor.value === 1) return props.whole
  const [width, height] = [props.whole.width / factor.value, props.whole.height / factor.value]
  return { x: centre.value.x - width / 2, y: centre.value.y - height / 2, width, height }
})
const viewBox = computed(() => `${view.value.x} ${view.value.y} ${view.value.width} ${view.value.height}`)
watch(
  () => props.off,
  () => (factor.value = 1),
)

/** The drawing never leaves its frame. */
function look(x: number, y: number) {
  const { whole } = props
  const [w, h] = [whole.width / factor.value / 2, whole.height / factor.value / 2]
  centre.value = {
    x: Math.min(whole.x + whole.width - w, Math.max(whole.x + w, x)),
    y: Math.min(whole.y + whole.height - h, Math.max(whole.y + h, y)),
  }
}
function zoom(by: number, at?: { x: number; y: number }) {
  const from = factor.value === 1 ? middle.value : centre.value
  const point = at ?? from
  const before = factor.value
  factor.value = Math.min(closest, Math.max(1, before * by))
  const kept = before / factor.value
  look(point.x - (point.x - from.x) * kept, point.y - (point.y - from.y) * kept)
}
function pan(x: number, y: number) {
  look(centre.value.x + x, centre.value.y + y)
}
const matrix = () => root.value?.querySelector('svg')?.getScreenCTM()
function pointOf(event: MouseEvent) {
  const m = matrix()
  return m ? { x: (event.clientX - m.e) / m.a, y: (event.clientY - m.f) / m.d } : undefined
}

/** The page scrolls past a drawing that nobody has taken hold of. */
function wheel(event: WheelEvent) {
  if (props.off || !(event.ctrlKey || inside.value)) return
  event.preventDefault()
  zoom(event.deltaY < 0 ? 1.2 : 1 / 1.2, pointOf(event))
}
function key(event: KeyboardEvent) {
  if (props.off || event.target !== root.value || event.ctrlKey || event.metaKey || event.altKey) return
  const step = view.value.width / 10
  const act = {
    '+': () => zoom(1.4),
    '=': () => zoom(1.4),
    '-': () => zoom(1 / 1.4),
    '0': () => zoom(0),
    ArrowLeft: () => pan(-step, 0),
    ArrowRight: () => pan(step, 0),
    ArrowUp: () => pan(0, -step),
    ArrowDown: () => pan(0, step),
  }[event.key]
  if (!act) return
  event.preventDefault()
  event.stopPropagation()
  act()
}

const pointers = new Map<number, { x: number; y: number }>()
const spread = () => {
  const [a, b] = [...pointers.values()]
  return a && b ? Math.hypot(a.x - b.x, a.y - b.y) : 0
}
function down(event: PointerEvent) {
  if (props.off) return
  pointers.set(event.pointerId, { x: event.clientX, y: event.clientY })
}
function move(event: PointerEvent) {
  const last = pointers.get(event.pointerId)
  const m = matrix()
  if (!last || !m) return
  const before = spread()
  pointers.set(event.pointerId, { x: event.clientX, y: event.clientY })
  if (pointers.size === 2) {
    if (before > 0) zoom(spread() / before, pointOf(event))
  } else if (factor.value > 1) pan((last.x - event.clientX) / m.a, (last.y - event.clientY) / m.d)
}
const up = (event: PointerEvent) => pointers.delete(event.pointerId)
</script>

<template>
  <div
    ref="root"
    class="zoom"
    :tabindex="off ? undefined : 0"
    :role="off ? undefined : 'group'"
    :aria-label="off ? undefined : 'Drawing: plus and minus look closer or less close, arrows move it'"
    @wheel="wheel"
    @keydown="key"
    @pointerdown="down"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="up"
    @pointerleave="up"
    @focusin="inside = true"
    @focusout="inside = false"
  >
    <slot :view-box="viewBox" />
    <div v-if="!off" class="no-print flex justify-end gap-4px h-30px mt-4px">
      <Button size="small" aria-label="Closer" @click="zoom(1.4)">+</Button>
      <Button size="small" aria-label="Less close" :disabled="factor === 1" @click="zoom(1 / 1.4)">−</Button>
      <Button v-if="factor > 1" size="small" class="whole" @click="zoom(0)">Whole</Button>
    </div>
  </div>
</template>

<style scoped>
.zoom {
  border-radius: 8px;
  touch-action: pan-x pan-y;
}
</style>

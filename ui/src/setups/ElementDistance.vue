<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { computed, inject } from 'vue'
import DistanceInput from '../house/DistanceInput.vue'
import { measuredNow } from './measuredNow'

/** The distance before an element: this horse's own, or typed. It follows a drag by itself, without the rows around it. */
const props = defineProps<{
  at: number
  typed: boolean
  say: (text: { metres: string; feet: string; paces: string }) => string
}>()
const emit = defineEmits<{ change: [metres: number | null] }>()
const measured = inject(measuredNow)!
const gap = computed(() => measured.value?.gaps[props.at - 1])
</script>

<template>
  <DistanceInput
    class="distance"
    :typed="typed"
    :aria-label="`Distance before element ${at + 1}`"
    :value="gap?.built.built"
    :text="gap ? say(gap.built.text) : ''"
    @change="(metres) => emit('change', metres)"
    @clear="emit('change', null)"
  />
  <Button
    v-if="typed"
    type="link"
    size="small"
    :aria-label="`Its own distance before element ${at + 1}`"
    @click="emit('change', null)"
  >
    its own
  </Button>
</template>

<style scoped>
.distance {
  width: 86px;
}
</style>

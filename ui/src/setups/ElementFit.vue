<script setup lang="ts">
import { computed, inject } from 'vue'
import { fitWords } from '../house/words'
import FitChip from './FitChip.vue'
import { measuredNow } from './measuredNow'

/** How the gap before an element suits the horse, and what another count of strides would be. */
const props = defineProps<{ at: number }>()
const measured = inject(measuredNow)!
const gap = computed(() => measured.value?.gaps[props.at - 1])
const otherwise = computed(() => (gap.value?.fit === 'true' ? undefined : gap.value?.between?.otherwise))
</script>

<template>
  <FitChip v-if="gap" :fit="gap.fit" />
  <span v-if="otherwise" class="small quiet block"
    >{{ otherwise.strides }} would be {{ fitWords[otherwise.fit] }}</span
  >
</template>

<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Progress from 'ant-design-vue/es/progress'
import { onMounted, onUnmounted, ref } from 'vue'
import { howFar, underWay } from '../api/jobs'

/** Work that takes longer than a moment: what is done, for how long, and a way out. Shown after half a second. */
defineProps<{ says: string }>()
const emit = defineEmits<{ cancel: [] }>()
const seconds = ref(0)
const began = Date.now()
let timer: ReturnType<typeof setInterval>
onMounted(() => (timer = setInterval(() => (seconds.value = (Date.now() - began) / 1000), 250)))
onUnmounted(() => clearInterval(timer))
</script>

<template>
  <p v-if="seconds > 0.5" class="flex items-center gap-12px mb-12px" role="status">
    <Progress
      class="bar"
      :aria-label="says"
      :percent="underWay?.ofAll ? (100 * underWay.done) / underWay.ofAll : 100"
      :status="underWay?.ofAll ? 'normal' : 'active'"
      :show-info="false"
      stroke-color="var(--ink)"
    />
    <span
      >{{ says }}<template v-if="howFar(underWay)">, {{ howFar(underWay) }}</template></span
    >
    <span class="quiet number">{{ Math.floor(seconds) }} s</span>
    <Button size="small" @click="emit('cancel')">Cancel</Button>
  </p>
</template>

<style scoped>
.bar {
  width: 120px;
  margin: 0;
}
</style>

<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { defineAsyncComponent, ref } from 'vue'
import type { YardToday } from '../api/schema'
import WhyButton from '../house/WhyButton.vue'
import { rides } from '../house/signIn'

const AirForm = defineAsyncComponent(() => import('./AirForm.vue'))

/** The air and what it asks for; typed where no station reads it, and typed over where one does. */
defineProps<{ today: YardToday }>()
const typing = ref(false)
</script>

<template>
  <div v-if="typing" class="air typed ml-auto py-6px px-14px edge rounded-999px bg-card">
    <AirForm @close="typing = false" />
  </div>
  <div v-else class="air ml-auto py-6px px-14px edge rounded-999px bg-card" :class="today.heat?.care">
    <template v-if="today.weather && today.heat">
      <strong>{{ today.weather.temperatureC }} °C</strong> · {{ today.weather.humidityPercent }} % ·
      {{ today.heat.says }}
      <span v-if="today.weather.simulated" class="quiet small">simulated station&nbsp;</span>
      <WhyButton :why="today.heat.why" of="this advice on heat" />
    </template>
    <span v-else class="quiet">Nobody has read the air today.</span>
    <Button v-if="rides()" type="link" size="small" @click="typing = true">Type it</Button>
  </div>
</template>

<style scoped>
.air .ant-btn {
  margin-left: 6px;
}
.typed {
  border-radius: 12px;
}
.watch,
.halve {
  background: var(--tight);
}
.walkOnly,
.none {
  background: var(--long);
}
@media (max-width: 980px) {
  .air {
    margin-left: 0;
  }
}
</style>

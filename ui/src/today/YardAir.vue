<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { defineAsyncComponent, ref } from 'vue'
import { ask, client } from '../api/client'
import type { YardToday } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import FieldBox from '../house/FieldBox.vue'
import WhyButton from '../house/WhyButton.vue'
import { useProblem } from '../house/faults'
import { rides } from '../house/signIn'

const InputNumber = defineAsyncComponent(() => import('ant-design-vue/es/input-number'))

/** The air and what it asks for; typed where no station reads it, and typed over where one does. */
defineProps<{ today: YardToday }>()
const changed = useChanged()
const { busy, attempt } = useProblem()
const typing = ref(false)
const temperatureC = ref<number | null>(null)
const humidityPercent = ref<number | null>(null)

async function type() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/weather', {
        body: { temperatureC: temperatureC.value, humidityPercent: humidityPercent.value },
      }),
    ),
  )
  if (!kept) return
  typing.value = false
  await changed(bearsUpon.weather)
}
</script>

<template>
  <form v-if="typing" class="air typed" @submit.prevent="type">
    <FieldBox v-slot="{ id }" label="°C" name="temperatureC"
      ><InputNumber :id="id" v-model:value="temperatureC!" :controls="false"
    /></FieldBox>
    <FieldBox v-slot="{ id }" label="Humidity, %" name="humidityPercent"
      ><InputNumber :id="id" v-model:value="humidityPercent!" :controls="false"
    /></FieldBox>
    <Button type="primary" size="small" html-type="submit" :disabled="busy">Keep</Button>
    <Button size="small" @click="typing = false">Leave it</Button>
  </form>
  <div v-else class="air" :class="today.heat?.care">
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
.air {
  margin-left: auto;
  padding: 6px 14px;
  border: 1px solid var(--line);
  border-radius: 999px;
  background: var(--card);
}
.air .ant-btn {
  margin-left: 6px;
}
.typed {
  display: grid;
  grid-template-columns: 90px 100px auto auto;
  gap: 8px;
  align-items: end;
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

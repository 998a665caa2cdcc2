<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import InputNumber from 'ant-design-vue/es/input-number'
import { ref } from 'vue'
import { ask, client } from '../api/client'
import FieldBox from '../house/FieldBox.vue'
import { useProblem } from '../house/faults'
import { bearsUpon, useChanged } from '../house/keys'

/** The air as somebody read it. */
const emit = defineEmits<{ close: [] }>()
const changed = useChanged()
const { busy, attempt } = useProblem()
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
  emit('close')
  await changed(bearsUpon.weather)
}
</script>

<template>
  <form class="grid grid-cols-[90px_100px_auto_auto] gap-8px items-end" @submit.prevent="type">
    <FieldBox v-slot="{ id }" label="°C" name="temperatureC"
      ><InputNumber :id="id" v-model:value="temperatureC!" :controls="false"
    /></FieldBox>
    <FieldBox v-slot="{ id }" label="Humidity, %" name="humidityPercent"
      ><InputNumber :id="id" v-model:value="humidityPercent!" :controls="false"
    /></FieldBox>
    <Button type="primary" size="small" html-type="submit" :disabled="busy">Keep</Button>
    <Button size="small" @click="emit('close')">Leave it</Button>
  </form>
</template>

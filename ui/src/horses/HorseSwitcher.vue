<script setup lang="ts">
import Select from 'ant-design-vue/es/select'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useHorses } from '../house/queries'

/** Always at hand; going to another horse keeps the step. */
const route = useRoute()
const router = useRouter()
const { data: horses } = useHorses()
const options = computed(() =>
  (horses.value ?? []).map((h) => ({ value: h.id, label: h.name, more: `${h.age} yrs · ${h.hands}` })),
)
const current = computed(() => (route.params.horseId as string | undefined) || undefined)

function go(horseId: unknown) {
  const name =
    (route.meta.step as string | undefined) ?? (route.params.horseId ? String(route.name) : 'passport')
  void router.push({ name, params: { horseId: String(horseId) } })
}
</script>

<template>
  <Select
    class="switcher"
    :value="current"
    :options="options"
    placeholder="Go to a horse"
    show-search
    option-filter-prop="label"
    aria-label="Horse"
    @change="go"
  >
    <template #option="{ label, more }">
      <span class="name">{{ label }}</span> <span class="quiet small">{{ more }}</span>
    </template>
  </Select>
</template>

<style scoped>
.switcher {
  width: 210px;
}
.name {
  font-weight: 600;
}
</style>

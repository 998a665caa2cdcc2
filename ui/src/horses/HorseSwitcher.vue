<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import PickOne from '../house/PickOne.vue'
import { useHorses } from '../house/queries'

/** Always at hand; going to another horse keeps the step. */
const route = useRoute()
const router = useRouter()
const { data: horses } = useHorses()
const options = computed(() => (horses.value ?? []).map((h) => ({ value: h.id, label: h.name })))
const current = computed(() => (route.params.horseId as string | undefined) || undefined)

function go(horseId: unknown) {
  const name =
    (route.meta.step as string | undefined) ?? (route.params.horseId ? String(route.name) : 'passport')
  void router.push({ name, params: { horseId: String(horseId) } })
}
</script>

<template>
  <PickOne
    class="switcher"
    :value="current"
    :options="options"
    placeholder="Go to a horse"
    aria-label="Horse"
    @change="go"
  />
</template>

<style scoped>
.switcher {
  width: 210px;
}
</style>

<script setup lang="ts">
import type { AimView } from '../api/schema'
import TimeWord from './TimeWord.vue'
import { lastWords } from './lastWords'

/** The one demand that is last, and whether there is time for it: a way into the aim's readiness. */
defineProps<{ horseId: string; aim: AimView }>()
</script>

<template>
  <RouterLink
    v-if="aim.last"
    class="last no-underline text-quiet"
    :to="{ name: 'readiness', params: { horseId, aimId: aim.id } }"
  >
    <TimeWord :time="aim.last.time" />
    {{ lastWords(aim.last) }}
  </RouterLink>
</template>

<style scoped>
.last:hover {
  text-decoration: underline;
}
</style>

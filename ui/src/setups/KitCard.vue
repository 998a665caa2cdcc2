<script setup lang="ts">
import type { KitItem } from '../api/schema'

/** What has to be carried out, and what the yard has not got. */
defineProps<{ needed: KitItem[]; short: KitItem[] }>()
</script>

<template>
  <div v-if="needed.length">
    <p class="small kit">Carry out {{ needed.map((k) => k.says).join(', ') }}.</p>
    <p v-if="short.length" class="small short">
      Short in this yard: {{ short.map((k) => k.says).join(', ') }}.
    </p>
  </div>
</template>

<style scoped>
.kit {
  margin-top: 8px;
}
.short {
  margin-top: 4px;
  padding-left: 10px;
  border-left: 3px solid var(--straw);
}
</style>

<script setup lang="ts">
import type { KitItem } from '../api/schema'

/** What has to be carried out, and what the yard has not got. */
defineProps<{ needed: KitItem[]; short: KitItem[] }>()
</script>

<template>
  <div v-if="needed.length">
    <p class="small mt-8px">Carry out {{ needed.map((k) => k.says).join(', ') }}.</p>
    <p v-if="short.length" class="small mt-4px pl-10px edge-l-3px-straw">
      Short in this yard: {{ short.map((k) => k.says).join(', ') }}.
    </p>
  </div>
</template>

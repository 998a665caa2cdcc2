<script setup lang="ts">
import { coreState } from '../../device/core'

/** Whether this device can say anything while it is ridden. Without Core it records, and stops for pain and falls. */
defineProps<{ kept?: boolean }>()
</script>

<template>
  <p v-if="coreState === 'cannot'" role="status">
    No advice while you ride with this device: it comes after the ride. Pain and falls still stop you.
  </p>
  <p v-else-if="coreState === 'coming'" role="status">Advice is on its way.</p>
  <p v-else-if="kept" role="status">Advice is ready, also without a signal.</p>
</template>

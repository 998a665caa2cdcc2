<script setup lang="ts">
import { coreState } from '../../device/core'

/** Whether this device can say anything while it is ridden. Without Core it records, and stops for pain and falls. */
defineProps<{ saysReady?: boolean }>()
</script>

<template>
  <p v-if="coreState === 'cannot'" role="status">
    No advice on this device while you ride: it comes after the ride. Pain and falls still stop you at once.
  </p>
  <p v-else-if="coreState === 'coming'" role="status">Advice is on its way.</p>
  <p v-else-if="saysReady" role="status">Advice is ready, also without a signal.</p>
</template>

<script setup lang="ts">
import { computed } from 'vue'
import { dropTap } from './pocket'
import { flush, inMemory, refused, trouble, waiting } from './sender'
import { sayTap } from './sayTap'

/** How many taps wait, why, and what the server would not have. Nothing leaves the device unseen. */
const says = computed(() =>
  waiting.value === 0
    ? 'All sent'
    : `${waiting.value} ${waiting.value === 1 ? 'tap waits' : 'taps wait'}${trouble.value === 'signIn' ? ', sign in again' : trouble.value === 'signal' ? ', no signal' : ''}`,
)

async function giveUp(id: string) {
  await dropTap(id)
  refused.value = refused.value.filter((t) => t.id !== id)
  await flush()
}
</script>

<template>
  <p class="waiting" role="status" :class="{ some: waiting > 0 }">{{ says }}</p>
  <p v-if="inMemory.length" class="py-6px px-10px rounded-8px bg-long text-on-long" role="alert">
    This device is full: {{ inMemory.length }} {{ inMemory.length === 1 ? 'tap is' : 'taps are' }} only on
    this page. Keep it open until they are sent.
  </p>
  <details v-if="refused.length" class="py-6px px-10px rounded-8px bg-long text-on-long">
    <summary>{{ refused.length }} not taken by the server</summary>
    <ul>
      <li v-for="t in refused" :key="t.id">
        {{ sayTap(t.event) }}: {{ t.refused }}
        <button type="button" class="rail-link" @click="giveUp(t.id)">let it go</button>
      </li>
    </ul>
  </details>
</template>

<style scoped>
.waiting {
  font-size: 0.92rem;
}
.some {
  font-weight: 700;
}
</style>

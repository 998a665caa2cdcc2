<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { computed } from 'vue'
import { ask, client } from '../api/client'
import type { Review, RideEvent } from '../api/schema'
import { rides } from '../house/signIn'
import { done } from '../house/undo'
import { sayTap } from './rail/sayTap'

/** Everything that was written down, each line as it was. A slip is taken back, never rubbed out. */
const props = defineProps<{ horseId: string; review: Review }>()
const emit = defineEmits<{ changed: [] }>()
const lines = computed(() => props.review.log.filter((l) => l.event.kind !== 'takenBack'))
/** Who tapped is said where more than one did. */
const several = computed(() => new Set(lines.value.map((l) => l.by)).size > 1)

async function takeBack(event: RideEvent) {
  await ask(() =>
    client.POST('/api/horses/{horseId}/rides/{rideId}/events', {
      params: { path: { horseId: props.horseId, rideId: props.review.id } },
      body: {
        sessionId: props.review.session?.id ?? null,
        on: props.review.on,
        events: [
          { kind: 'takenBack', event: event.id, id: crypto.randomUUID(), at: new Date().toISOString() },
        ],
      },
    }),
  )
  emit('changed')
  done('Taken back. The line stays in the log, struck through.')
}
</script>

<template>
  <details class="card">
    <summary class="cursor-pointer font-semibold">As it was written down ({{ lines.length }} lines)</summary>
    <ul>
      <li
        v-for="l in lines"
        :key="l.event.id"
        :class="{ back: l.takenBackBy }"
        class="flex gap-12px py-4px px-0 [break-inside:avoid]"
      >
        <span>{{ sayTap(l.event) }}</span>
        <span v-if="several" class="small quiet by">{{ l.by }}</span>
        <Button
          v-if="rides() && l.mine && !l.takenBackBy"
          type="link"
          size="small"
          @click="takeBack(l.event)"
        >
          Take back
        </Button>
        <span v-else-if="l.takenBackBy" class="small quiet">taken back by {{ l.takenBackBy }}</span>
      </li>
    </ul>
  </details>
</template>

<style scoped>
ul {
  margin-top: 10px;
  columns: 2;
  column-gap: 34px;
}
li span:first-child {
  flex: 1;
}
.back span:first-child {
  text-decoration: line-through;
  color: var(--quiet);
}
@media (max-width: 760px) {
  ul {
    columns: 1;
  }
}
</style>

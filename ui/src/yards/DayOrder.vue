<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import dayjs from 'dayjs'
import type { SharedSession } from '../api/schema'
import { longDay } from '../house/format'
import { kindWords } from '../house/words'

/** The order of work of a day: horses that use the same set-up one after the other. */
defineProps<{
  day: string
  days: string[]
  sessions: SharedSession[]
  name: (horseId: string) => string
  rider: (id: string | null | undefined) => string | undefined
}>()
const emit = defineEmits<{ pick: [day: string] }>()
</script>

<template>
  <section class="card stack" aria-labelledby="order-head">
    <div class="row spread">
      <h2 id="order-head">Order of work, {{ longDay(day) }}</h2>
      <div class="row no-print days gap-5px" role="group" aria-label="Day">
        <Button
          v-for="d in days"
          :key="d"
          size="small"
          :type="d === day ? 'primary' : 'default'"
          :aria-pressed="d === day"
          @click="emit('pick', d)"
        >
          {{ dayjs(d).format('ddd') }}
        </Button>
      </div>
    </div>
    <p v-if="sessions.length === 0" class="quiet">Nothing to ride.</p>
    <ol v-else class="grid gap-4px">
      <li
        v-for="s in sessions"
        :key="s.session.id"
        class="grid grid-cols-[26px_130px_minmax(0,1fr)_minmax(0,1fr)] gap-8px"
      >
        <span class="number">{{ s.place }}</span>
        <strong>{{ name(s.horseId) }}</strong>
        <span
          >{{ kindWords[s.session.kind] }}, {{ s.session.minutes.total }} min<template v-if="s.stands">
            · same set-up, it stands</template
          ></span
        >
        <span class="quiet"
          >{{ rider(s.session.riderId) ?? 'no rider yet'
          }}<template v-if="s.at"> · about {{ s.at.slice(0, 5) }}</template></span
        >
      </li>
    </ol>
  </section>
</template>

<style scoped>
.number {
  color: var(--quiet);
}
@media (max-width: 620px) {
  li {
    grid-template-columns: 26px 1fr;
  }
}
</style>

<script setup lang="ts">
import { computed } from 'vue'
import type { Passport } from '../api/schema'
import { inDays, shortDay } from '../house/format'
import { useCare } from '../house/queries'
import { signedIn } from '../house/signIn'
import { careWords } from '../house/words'
import LastDemandLine from '../readiness/LastDemandLine.vue'

/** What may it do today, when was it ridden, what is next, what is due. */
const props = defineProps<{ passport: Passport }>()
const { data: care } = useCare(() => props.passport.horse.id)
const due = computed(() => (care.value?.due ?? []).filter((d) => d.state === 'overdue' || d.state === 'soon'))
const until = computed(() => {
  const next = props.passport.next
  const today = signedIn.value?.today
  if (!next || !today) return ''
  return inDays(Math.round((Date.parse(next.on) - Date.parse(today)) / 86_400_000))
})
</script>

<template>
  <section class="strip" :class="passport.standing.may" aria-label="Today">
    <div class="may">
      <p class="small">May do today</p>
      <p class="says text-1.5rem font-bold leading-[1.2]">{{ passport.standing.says }}</p>
      <ul v-if="passport.standing.because.length" class="small">
        <li v-for="b in passport.standing.because" :key="b">{{ b }}</li>
      </ul>
    </div>
    <div>
      <p class="small">Next</p>
      <p v-if="passport.next" class="big font-bold">
        <RouterLink
          :to="{ name: 'session', params: { horseId: passport.horse.id, sessionId: passport.next.id } }"
          >{{ passport.next.emphasis }}</RouterLink
        >
        <span class="quiet small ml-0.35em font-normal whitespace-nowrap">{{ until }}</span>
      </p>
      <p v-else class="big quiet font-bold">Nothing planned</p>
    </div>
    <div>
      <p class="small">Last ridden</p>
      <p class="big font-bold">
        {{
          passport.daysSinceRidden === null
            ? 'Not yet'
            : passport.daysSinceRidden === 0
              ? 'Today'
              : passport.daysSinceRidden === 1
                ? 'Yesterday'
                : `${passport.daysSinceRidden} days ago`
        }}
        <span
          v-if="passport.lastRidden && passport.daysSinceRidden"
          class="quiet small ml-0.35em font-normal whitespace-nowrap"
          >{{ shortDay(passport.lastRidden) }}</span
        >
      </p>
    </div>
    <div v-if="passport.aim">
      <p class="small">Aim</p>
      <p class="big font-bold">
        {{ passport.aim.name }}
        <span class="quiet small ml-0.35em font-normal whitespace-nowrap">{{
          inDays(passport.aim.daysLeft)
        }}</span>
      </p>
      <LastDemandLine class="small" :horse-id="passport.horse.id" :aim="passport.aim" />
    </div>
    <div v-if="due.length">
      <p class="small">Due</p>
      <p v-for="d in due" :key="d.kind" class="due pl-9px edge-l-3px-straw leading-[1.3]" :class="d.state">
        <strong class="mr-0.3em">{{ careWords[d.kind] }}</strong> {{ d.says }}
      </p>
    </div>
  </section>
</template>

<style scoped>
.strip {
  display: grid;
  grid-template-columns: minmax(0, 1.7fr) repeat(auto-fit, minmax(130px, 1fr));
  gap: 14px 22px;
  padding: 14px 18px;
  border: 1px solid var(--line);
  border-left: 6px solid var(--walk);
  border-radius: var(--round);
  background: var(--card);
}
.withinLimits,
.inHandOnly {
  border-left-color: var(--straw);
}
.rest {
  border-left-color: var(--grave);
}
.small {
  color: var(--quiet);
}
.rest .says {
  color: var(--grave);
}
.big a {
  text-underline-offset: 3px;
}
.due.overdue {
  border-left-color: var(--grave);
}
.due + .due {
  margin-top: 5px;
}
@media (max-width: 620px) {
  .strip {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  .may {
    grid-column: 1 / -1;
  }
}
</style>

<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { ref } from 'vue'
import type { AimResult, AimView } from '../api/schema'
import LinkButton from '../house/LinkButton.vue'
import { inDays, longDay } from '../house/format'
import { trains } from '../house/signIn'
import { disciplineWords, importanceWords } from '../house/words'
import LastDemandLine from '../readiness/LastDemandLine.vue'
import ResultForm from './ResultForm.vue'

/** A competition: the days that are left, whether there is time, or how it went. */
defineProps<{
  horseId: string
  aim: AimView
  /** What its dressage test is called; nothing where it has none. */
  test: string
}>()
const emit = defineEmits<{ edit: []; remove: [] }>()
const telling = ref(false)

const went = (r: AimResult) =>
  !r.started
    ? 'did not start'
    : [
        r.percentOfMarks === null ? '' : `${r.percentOfMarks} %`,
        r.penalties === null ? '' : `${r.penalties} ${r.penalties === 1 ? 'penalty' : 'penalties'}`,
        r.secondsOver ? `${r.secondsOver} s over time` : '',
        r.place === null ? '' : `place ${r.place}${r.of === null ? '' : ` of ${r.of}`}`,
      ]
        .filter(Boolean)
        .join(', ') || 'started'
</script>

<template>
  <article class="card aim" :class="{ past: aim.daysLeft < 0 }">
    <div class="left grid justify-items-center pr-14px edge-r">
      <strong class="days text-2.2rem leading-[1.1]">{{ Math.abs(aim.daysLeft) }}</strong>
      <span class="small quiet">{{
        aim.daysLeft < 0 ? 'days ago' : aim.daysLeft === 1 ? 'day left' : 'days left'
      }}</span>
    </div>
    <div class="grid gap-2px">
      <h2>{{ aim.name }}</h2>
      <p>
        {{ longDay(aim.on) }}<template v-if="aim.place">, {{ aim.place }}</template
        ><span class="quiet"> · {{ inDays(aim.daysLeft) }}</span>
      </p>
      <p class="quiet">
        {{ disciplineWords[aim.discipline] }} · {{ aim.level }}, {{ aim.scheme
        }}<template v-if="aim.heightMetres"> · {{ aim.heightMetres.toFixed(2) }} m</template> ·
        {{ importanceWords[aim.importance].toLowerCase()
        }}<template v-if="aim.testId && test">
          · test:
          <RouterLink :to="{ name: 'test', params: { horseId, testId: aim.testId } }">{{
            test
          }}</RouterLink></template
        >
      </p>
      <LastDemandLine v-if="aim.daysLeft >= 0" :horse-id="horseId" :aim="aim" />
      <p v-if="aim.result">
        <strong>{{ went(aim.result) }}</strong><span v-if="aim.result.held" class="quiet"
          >; held: {{ aim.result.held }}</span
        ><span v-if="aim.result.didNotHold" class="quiet">; did not: {{ aim.result.didNotHold }}</span>
      </p>
      <p v-if="aim.result?.started && aim.daysLeft >= -1" class="small quiet">
        The day after is for rest or a walk.
      </p>
    </div>
    <div class="acts">
      <LinkButton size="small" :to="{ name: 'readiness', params: { horseId, aimId: aim.id } }"
        >Readiness</LinkButton
      >
      <template v-if="trains()">
        <Button v-if="aim.daysLeft <= 0" size="small" @click="telling = !telling">How it went</Button>
        <Button size="small" @click="emit('edit')">Edit</Button>
        <Button size="small" @click="emit('remove')">Take off</Button>
      </template>
    </div>
    <ResultForm v-if="telling" class="result" :horse-id="horseId" :aim="aim" @done="telling = false" />
  </article>
</template>

<style scoped>
.aim {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr) auto;
  gap: 16px;
  align-items: center;
}
.aim.past {
  background: var(--bank);
}
.acts {
  display: grid;
  gap: 6px;
}
.result {
  grid-column: 1 / -1;
  padding-top: 12px;
  border-top: 1px solid var(--line);
}
@media (max-width: 620px) {
  .aim {
    grid-template-columns: 76px minmax(0, 1fr);
    gap: 12px;
  }
  .acts {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
  }
}
</style>

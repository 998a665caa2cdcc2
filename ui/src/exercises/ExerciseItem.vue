<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { computed } from 'vue'
import type { ExerciseView } from '../api/schema'
import { trains } from '../house/signIn'
import { figureWords, gaitWords } from '../house/words'
import SetUpDrawing from '../setups/SetUpDrawing.vue'
import FigureInArena from './FigureInArena.vue'

/** A way to ride a rung: its words, its dose and its drawing for the horse. */
const props = defineProps<{ view: ExerciseView; horse: string }>()
const emit = defineEmits<{ hide: [hidden: boolean]; copy: []; change: []; remove: [] }>()
const exercise = computed(() => props.view.exercise)
const once = computed(() => {
  const d = props.view.drawn
  return (
    d &&
    `${Math.round(d.length)} m, ${Math.round(d.strides)} strides, ${Math.round(d.seconds)} s once along it`
  )
})
</script>

<template>
  <li :class="{ away: view.hidden }" class="grid gap-4px content-start">
    <h3>
      {{ exercise.name }}
      <span v-if="view.own" class="small ml-6px py-1px px-8px rounded-6px bg-straw-pale font-normal"
        >ours, by {{ view.own.by }}</span
      >
      <span v-if="view.hidden" class="small quiet">hidden</span>
    </h3>
    <p>{{ exercise.how }}</p>
    <p class="small quiet">
      {{ gaitWords[exercise.gait] }} · {{ figureWords[exercise.figure] }} ·
      {{ exercise.dose.minutes ? `${exercise.dose.minutes} minutes` : `${exercise.dose.efforts} efforts` }}
      · {{ exercise.repetitions }} times<template v-if="exercise.stepsBeforeRest"
        >, {{ exercise.stepsBeforeRest }} steps and rest</template
      ><template v-if="exercise.poles">
        · {{ exercise.poles }} {{ exercise.poles === 1 ? 'pole' : 'poles' }}</template
      >
    </p>
    <template v-if="view.measured">
      <SetUpDrawing :measured="view.measured" unit="metres" />
      <p v-if="view.measured.figure" class="small quiet">
        {{ horse }}: {{ view.measured.figure.length.toFixed(1) }} m,
        {{ view.measured.figure.strides.toFixed(1) }} strides.
        {{ view.measured.notices.join(' ') }}
      </p>
    </template>
    <template v-else-if="view.drawn">
      <FigureInArena
        :drawing="view.drawn"
        :title="`${exercise.name}: ${figureWords[exercise.figure]}, ${once}`"
      />
      <p class="small quiet">
        {{ horse }}: {{ once
        }}<template v-if="view.drawn.bend"
          >. The poll leaves the line of the withers by {{ Math.round(view.drawn.bend * 1000) }} mm, and no
          more</template
        >
      </p>
    </template>
    <p v-if="trains()" class="row small acts gap-14px">
      <template v-if="view.own">
        <Button type="link" :aria-label="`Change ${exercise.name}`" @click="emit('change')"> Change </Button>
        <Button type="link" :aria-label="`Take off ${exercise.name}`" @click="emit('remove')">
          Take off
        </Button>
      </template>
      <template v-else>
        <Button type="link" :aria-label="`Copy ${exercise.name}`" @click="emit('copy')">
          Copy as our own
        </Button>
        <Button
          type="link"
          :aria-label="`${view.hidden ? 'Show' : 'Hide'} ${exercise.name}`"
          @click="emit('hide', !view.hidden)"
        >
          {{ view.hidden ? 'Show again' : 'Hide' }}
        </Button>
      </template>
    </p>
  </li>
</template>

<style scoped>
.away > :not(h3, .acts) {
  display: none;
}
</style>

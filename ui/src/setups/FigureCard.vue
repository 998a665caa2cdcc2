<script setup lang="ts">
import { computed } from 'vue'
import type { MeasuredSetUp } from '../api/schema'
import WhyButton from '../house/WhyButton.vue'

/** What a figure comes to for this horse: the sums first, then what it asks. */
const props = defineProps<{ measured: MeasuredSetUp }>()
const figure = computed(() => props.measured.figure!)
const steps = computed(() => {
  const s = figure.value.sideways
  return s && s.mostSteps > 0 ? `${s.fewestSteps} to ${s.mostSteps} crossing steps` : ''
})
</script>

<template>
  <section class="card">
    <div class="row spread">
      <h2>Once along it</h2>
      <WhyButton :why="figure.why" of="these figures" />
    </div>
    <dl class="grid grid-cols-[repeat(auto-fit,minmax(92px,1fr))] gap-y-8px gap-x-14px my-8px mx-0">
      <div>
        <dt class="text-0.83rem text-quiet">Way</dt>
        <dd class="text-1.35rem font-bold">{{ figure.length.toFixed(1) }} m</dd>
      </div>
      <div>
        <dt class="text-0.83rem text-quiet">Strides</dt>
        <dd class="text-1.35rem font-bold">{{ figure.strides.toFixed(1) }}</dd>
      </div>
      <div>
        <dt class="text-0.83rem text-quiet">Time</dt>
        <dd class="text-1.35rem font-bold">{{ Math.round(figure.seconds) }} s</dd>
      </div>
      <div v-if="figure.bend">
        <dt class="text-0.83rem text-quiet">Bend at the poll</dt>
        <dd class="text-1.35rem font-bold">{{ Math.round(figure.bend * 1000) }} mm</dd>
      </div>
    </dl>
    <p v-if="figure.bend" class="small quiet">
      So far the poll leaves the line of the withers, where it bends most. Less than most riders ask for.
    </p>
    <template v-if="figure.stages.length">
      <h3 class="mt-8px">In and out again, with a rest on each size</h3>
      <ol class="grid gap-4px mt-4px">
        <li v-for="(s, i) in figure.stages" :key="i">
          <strong>{{ s.diameter.toFixed(1) }} m</strong>, {{ s.strides.toFixed(1) }} strides round<template
            v-if="s.mostSteps"
            >; then {{ s.fewestSteps }} to {{ s.mostSteps }} crossing steps in</template
          >
        </li>
      </ol>
    </template>
    <template v-if="figure.sideways">
      <h3 class="mt-8px">Sideways</h3>
      <p>
        <template v-if="figure.sideways.metres > 0"
          ><strong>{{ figure.sideways.metres.toFixed(1) }} m</strong>, {{ steps }}, </template
        ><strong>{{ figure.sideways.angleDegrees.toFixed(0) }}°</strong>.
        {{ figure.sideways.says }}
      </p>
    </template>
    <template v-if="figure.changes">
      <h3 class="mt-8px">{{ figure.changes.fits ? 'They fit' : 'They do not fit' }}</h3>
      <p>
        <strong>{{ figure.changes.strides }}</strong> strides from the first change to the last,
        {{ figure.changes.withStraight }} with two straight ones at each end:
        <strong>{{ figure.changes.ridden.toFixed(1) }} m</strong> at this stride,
        {{
          figure.changes.slackMetres >= 0
            ? `${figure.changes.slackMetres.toFixed(1)} m left over`
            : `${(-figure.changes.slackMetres).toFixed(1)} m too many`
        }}.
      </p>
      <p>
        They just fit at a stride of <strong>{{ figure.changes.justFits.toFixed(2) }} m</strong>.
      </p>
    </template>
  </section>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue'
import LoadingLines from '../house/LoadingLines.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useAssessment, useHorses } from '../house/queries'
import { rides } from '../house/signIn'
import ResultPage from './ResultPage.vue'
import SheetPage from './SheetPage.vue'

/** An assessment ride: the sheet while it is ridden, what it says once it is finished. */
const props = defineProps<{ horseId: string; assessmentId: string }>()
const beside = ref<string>()
const { data: assessment, error } = useAssessment(
  () => props.horseId,
  () => props.assessmentId,
  () => beside.value,
)
const { data: horses } = useHorses()
const name = computed(() => horses.value?.find((h) => h.id === props.horseId)?.name ?? '')
const looking = ref(false)
</script>

<template>
  <main id="main">
    <ProblemNote v-if="error" :problem="error" />
    <template v-if="assessment">
      <SheetPage
        v-if="!assessment.finishedOn && rides() && !looking"
        :key="assessment.id"
        :horse-id="horseId"
        :name="name"
        :assessment="assessment"
        @look="looking = true"
      />
      <ResultPage
        v-else
        v-model:beside="beside"
        :horse-id="horseId"
        :name="name"
        :assessment="assessment"
        @back="looking = false"
      />
    </template>
    <LoadingLines />
  </main>
</template>

<script setup lang="ts">
import { usePassport } from '../house/queries'

/** Whose page it is, for whoever holds it in the hand. Only on paper. */
const props = defineProps<{ horseId: string }>()
const { data: passport } = usePassport(() => props.horseId)
</script>

<template>
  <p v-if="passport" class="paper mb-4px">
    <strong>{{ passport.horse.name }}</strong>, {{ passport.horse.age }} yrs, {{ passport.horse.hands }}
  </p>
</template>

<script setup lang="ts">
import type { SideFinding } from '../api/schema'
import WhyButton from '../house/WhyButton.vue'
import { clarityWords } from '../house/words'

/** A side, with all that speaks for the left on the left and for the right on the right. */
defineProps<{ title: string; finding: SideFinding; sideWord: (side: 'left' | 'right') => string }>()
</script>

<template>
  <section class="card">
    <div class="row spread">
      <h2>{{ title }}</h2>
      <WhyButton :why="finding.why" :of="title.toLowerCase()" />
    </div>
    <p class="word">
      <strong class="mr-0.3em text-1.15rem">{{
        finding.side ? sideWord(finding.side) : 'No side named'
      }}</strong>
      <span class="quiet"> {{ clarityWords[finding.clarity] }}</span>
    </p>
    <div v-if="finding.clarity !== 'none'" class="grid grid-cols-[1fr_1fr] gap-14px mt-8px">
      <ul :aria-label="`Speaks for the left, ${title.toLowerCase()}`" class="grid gap-4px content-start">
        <li class="head small quiet leading-[1.3]">◀ left</li>
        <li v-for="e in finding.forLeft" :key="e.says" class="small leading-[1.3]">{{ e.says }}</li>
        <li v-if="finding.forLeft.length === 0" class="small quiet leading-[1.3]">nothing</li>
      </ul>
      <ul :aria-label="`Speaks for the right, ${title.toLowerCase()}`" class="grid gap-4px content-start">
        <li class="head small quiet leading-[1.3]">right ▶</li>
        <li v-for="e in finding.forRight" :key="e.says" class="small leading-[1.3]">{{ e.says }}</li>
        <li v-if="finding.forRight.length === 0" class="small quiet leading-[1.3]">nothing</li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
ul + ul {
  padding-left: 14px;
  border-left: 1px solid var(--line);
}
</style>

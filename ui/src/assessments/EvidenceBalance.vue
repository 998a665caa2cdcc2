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
      <strong>{{ finding.side ? sideWord(finding.side) : 'No side named' }}</strong>
      <span class="quiet"> {{ clarityWords[finding.clarity] }}</span>
    </p>
    <div v-if="finding.clarity !== 'none'" class="balance">
      <ul :aria-label="`Speaks for the left, ${title.toLowerCase()}`">
        <li class="head small quiet">◀ left</li>
        <li v-for="e in finding.forLeft" :key="e.says" class="small">{{ e.says }}</li>
        <li v-if="finding.forLeft.length === 0" class="small quiet">nothing</li>
      </ul>
      <ul :aria-label="`Speaks for the right, ${title.toLowerCase()}`">
        <li class="head small quiet">right ▶</li>
        <li v-for="e in finding.forRight" :key="e.says" class="small">{{ e.says }}</li>
        <li v-if="finding.forRight.length === 0" class="small quiet">nothing</li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.word strong {
  margin-right: 0.3em;
  font-size: 1.15rem;
}
.balance {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
  margin-top: 8px;
}
ul {
  display: grid;
  gap: 4px;
  align-content: start;
}
ul + ul {
  padding-left: 14px;
  border-left: 1px solid var(--line);
}
li {
  line-height: 1.3;
}
</style>

<script setup lang="ts">
import { computed } from 'vue'
import type { RailSheet } from '../../api/schema'

/** Before it begins: whom to have there, what stands, and what has to be carried out for it. */
const props = defineProps<{ sheet: RailSheet }>()
const jumps = computed(() => props.sheet.facts.parts.some((p) => p.pad === 'fence' || p.pad === 'questions'))
const used = computed(() => {
  const ids = new Set(props.sheet.facts.parts.map((p) => p.setUpId))
  return props.sheet.setUps.filter((s) => ids.has(s.id))
})
</script>

<template>
  <section v-if="jumps || used.length" class="grid gap-8px" aria-label="Before it begins">
    <p v-if="jumps" class="font-semibold">
      {{
        sheet.facts.helper
          ? 'Somebody on the ground for the fences, as planned.'
          : 'Somebody on the ground before the first fence: nobody jumps alone.'
      }}
    </p>
    <dl v-if="used.length" class="grid gap-4px">
      <template v-for="s in used" :key="s.id">
        <dt class="font-semibold">{{ s.name }}</dt>
        <dd class="quiet">
          {{ (s.measured.kitNeeded ?? []).map((k) => k.says).join(', ') || 'nothing to carry' }}
        </dd>
      </template>
    </dl>
  </section>
</template>

<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { computed, ref } from 'vue'
import type { PlanFault } from '../api/schema'
import WhyButton from '../house/WhyButton.vue'
import { useLibrary } from '../house/queries'

/** What is wrong with a session: each with its reason, a mend at one stroke, or a word why it stays. */
const props = defineProps<{ faults: PlanFault[]; mayEdit: boolean }>()
const emit = defineEmits<{
  /** One of the fault's mends, by its place among them. */
  mend: [rule: string, nth: number, says: string]
  keep: [rule: string, word: string]
  /** A trainer who knows better places the horse on a rung, with a word why. */
  place: [rungId: string, word: string]
}>()
const { data: library } = useLibrary()
const rungName = (id: string) =>
  library.value?.ladders.flatMap((l) => l.rungs).find((r) => r.id === id)?.name ?? id
const open = computed(() => props.faults.filter((f) => f.keptBecause === null))
const kept = computed(() => props.faults.filter((f) => f.keptBecause !== null))
const keeping = ref('')
const placing = ref('')
const word = ref('')

function keep(rule: string) {
  emit('keep', rule, word.value.trim())
  keeping.value = word.value = ''
}

function place(rungId: string) {
  emit('place', rungId, word.value.trim())
  placing.value = word.value = ''
}
</script>

<template>
  <section class="card stack faults gap-10px" aria-live="polite">
    <h2>{{ open.length ? `${open.length} to mend` : 'Nothing to mend' }}</h2>
    <p v-if="faults.length === 0" class="small quiet">
      Walk first, reins balanced, new work late, walk last.
    </p>
    <ul class="grid gap-12px">
      <li
        v-for="f in open"
        :key="f.rule"
        :class="{ hard: f.hard }"
        class="grid gap-5px pl-10px edge-l-3px-straw text-0.93rem"
      >
        <strong>{{ f.says }}</strong>
        <p>{{ f.mend }} <WhyButton :why="f.why" of="this fault" /></p>
        <div v-if="mayEdit" class="do flex flex-wrap gap-y-6px gap-x-10px items-center">
          <Button
            v-for="(m, nth) in f.mends"
            :key="m.label"
            size="small"
            @click="emit('mend', f.rule, nth, m.label)"
          >
            {{ m.label }}
          </Button>
          <Button
            v-if="!f.hard && keeping !== f.rule"
            type="link"
            size="small"
            @click="((keeping = f.rule), (placing = ''))"
          >
            It stays
          </Button>
          <Button
            v-if="f.placeOn && placing !== f.rule"
            type="link"
            size="small"
            @click="((placing = f.rule), (keeping = ''))"
          >
            It is further on than that
          </Button>
        </div>
        <form
          v-if="keeping === f.rule"
          class="grid grid-cols-[auto_minmax(0,1fr)_auto] gap-6px items-center"
          @submit.prevent="keep(f.rule)"
        >
          <label :for="`keep-${f.rule}`" class="small">Because</label>
          <input
            :id="`keep-${f.rule}`"
            v-model="word"
            maxlength="300"
            required
            class="min-h-32px min-w-0 py-0 px-8px edge rounded-8px font-inherit"
          />
          <Button size="small" html-type="submit" :disabled="!word.trim()">Keep it so</Button>
        </form>
        <form
          v-if="f.placeOn && placing === f.rule"
          class="grid gap-6px justify-items-start"
          @submit.prevent="place(f.placeOn)"
        >
          <label :for="`place-${f.rule}`" class="small"
            >Place it on “{{ rungName(f.placeOn) }}”, because</label
          >
          <input
            :id="`place-${f.rule}`"
            v-model="word"
            maxlength="300"
            required
            class="w-full min-h-32px min-w-0 py-0 px-8px edge rounded-8px font-inherit"
          />
          <Button size="small" html-type="submit" :disabled="!word.trim()">Place it there</Button>
        </form>
      </li>
      <li v-for="f in kept" :key="f.rule" class="kept grid gap-5px pl-10px edge-l-3px-straw text-0.93rem">
        {{ f.says }} <span class="quiet">Stays: {{ f.keptBecause }}.</span>
        <Button v-if="mayEdit" type="link" size="small" @click="emit('keep', f.rule, '')"> Ask again </Button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
li.hard {
  border-color: var(--grave);
}
li.hard strong {
  color: var(--grave);
}
.kept {
  border-color: var(--line);
}
.do .ant-btn {
  height: auto;
  padding-block: 4px;
  white-space: normal;
  text-align: left;
}
</style>

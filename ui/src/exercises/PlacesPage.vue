<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { ask, client } from '../api/client'
import type { Strand } from '../api/schema'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { bearsUpon, useChanged } from '../house/keys'
import { useLadders, useLibrary, usePassport } from '../house/queries'
import { done } from '../house/undo'
import { strandWords } from '../house/words'

/** The twelve ladders on one page: a horse is placed on all of them in two minutes. The assessment says more. */
const props = defineProps<{ horseId: string }>()
const router = useRouter()
const changed = useChanged()
const { problem, busy, attempt } = useProblem()
const { data: passport } = usePassport(() => props.horseId)
const { data: places } = useLadders(() => props.horseId)
const { data: library } = useLibrary()
const notBegun = ''
const chosen = reactive<Partial<Record<Strand, string>>>({})
const word = ref('')
const age = computed(() => passport.value?.horse.age ?? 0)
const placeOf = (strand: Strand) => places.value?.find((p) => p.strand === strand)
watch(
  places,
  (all) => {
    for (const p of all ?? []) chosen[p.strand] ??= p.rungId ?? notBegun
  },
  { immediate: true },
)
const isOtherwise = (strand: Strand) =>
  chosen[strand] !== undefined && chosen[strand] !== (placeOf(strand)?.rungId ?? notBegun)
const otherwise = computed(() =>
  (library.value?.ladders ?? []).filter((l) => isOtherwise(l.strand)).map((l) => l.strand),
)
/** Rungs that its age allows, numbered from the foot. */
const rungsOf = (strand: Strand) => [
  { value: notBegun, label: 'not begun' },
  ...(library.value?.ladders.find((l) => l.strand === strand)?.rungs ?? [])
    .filter((r) => r.youngestAge.value <= age.value)
    .map((r) => ({ value: r.id, label: `${r.step}. ${r.name}` })),
]
const rungOf = (strand: Strand) =>
  library.value?.ladders.find((l) => l.strand === strand)?.rungs.find((r) => r.id === chosen[strand])

async function keep() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/ladders/places', {
        params: { path: { horseId: props.horseId } },
        body: {
          word: word.value,
          places: otherwise.value.map((strand) => ({ strand, rungId: chosen[strand] || null })),
        },
      }),
    ),
  )
  if (!kept) return
  await changed(bearsUpon.horse(props.horseId))
  done(`${passport.value?.horse.name} is placed. The assessment ride, and what it does here, say more.`)
  await router.push({ name: 'passport', params: { horseId: props.horseId } })
}
</script>

<template>
  <header class="page-head">
    <h1>Where it stands</h1>
    <span class="quiet">{{ passport?.horse.name }}: the furthest it does easily, both ways, with you</span>
  </header>
  <form class="stack" @submit.prevent="keep">
    <ProblemNote v-if="problem && !problem.faults.some((f) => f.field === 'word')" :problem="problem" />
    <ul v-if="library && places" class="ladders">
      <li
        v-for="l in library.ladders"
        :key="l.strand"
        class="card"
        :class="{ otherwise: isOtherwise(l.strand) }"
      >
        <div class="row spread">
          <strong>{{ strandWords[l.strand] }}</strong>
          <span v-if="placeOf(l.strand)?.stated" class="small quiet">stated, not yet ridden here</span>
        </div>
        <PickOne
          v-model:value="chosen[l.strand]!"
          :options="rungsOf(l.strand)"
          :aria-label="`Stands on, ${strandWords[l.strand].toLowerCase()}`"
        />
        <p class="small quiet">
          {{ rungOf(l.strand)?.good.says ?? 'Proposals leave it alone, or begin at its foot.' }}
        </p>
      </li>
    </ul>
    <div class="card keep">
      <FieldBox
        v-slot="{ id }"
        label="How you know"
        name="word"
        hint="One word for all that you have changed; kept beside what the evidence says"
        ><Input
          :id="id"
          v-model:value="word"
          placeholder="ridden for years, seen on video, told by its last rider"
      /></FieldBox>
      <Button type="primary" html-type="submit" :disabled="busy || otherwise.length === 0">
        {{
          otherwise.length
            ? `Place it on ${otherwise.length} ${otherwise.length === 1 ? 'ladder' : 'ladders'}`
            : 'Nothing changed'
        }}
      </Button>
    </div>
  </form>
</template>

<style scoped>
.ladders {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 10px;
}
.ladders li {
  display: grid;
  align-content: start;
  gap: 5px;
  padding: 10px 14px;
  border-left: 4px solid var(--line);
}
.ladders li.otherwise {
  border-left-color: var(--straw);
}
.keep {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: 16px;
  position: sticky;
  bottom: 10px;
}
</style>

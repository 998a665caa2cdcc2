<script setup lang="ts">
import { figures } from '../../api/figures'
import { computed, ref } from 'vue'
import type {
  ArenaPlace,
  FrightenedOf,
  KnownFinding,
  Rein,
  RideEvent,
  Sign,
  SignTold,
} from '../../api/schema'
import { shortDay } from '../../house/format'
import { arenaPlaceWords, frightenedWords, signWords } from '../../house/words'
import type { NewTap } from './recorder'

/** What was seen or felt: those that end the ride first, then those this work is likeliest to show; the rest a page on. */
const props = defineProps<{
  tapped: RideEvent[]
  rein: Rein
  known: KnownFinding[]
  signs: Sign[]
  /** Slips are let pass for now. */
  letsPass: boolean
  letPass: SignTold[]
}>()
const emit = defineEmits<{ tap: [NewTap]; signThen: [sign: NewTap, more: { later?: true }] }>()
const grave: Sign[] = figures.painSigns
const all = ref(false)
const shown = computed(() => {
  const listed = props.signs.length
    ? props.signs
    : (Object.keys(signWords) as Sign[]).filter((s) => !grave.includes(s))
  return all.value ? listed : listed.slice(0, figures.signsShown)
})
/** A vet has entered something as old and known; no other sign can be that. */
const asKnown = ref<string | null>(null)
const about = (s: Sign) => figures.signs.find((t) => t.sign === s)!
function tell(sign: Sign) {
  const known = grave.includes(sign) ? asKnown.value : null
  const made = {
    kind: 'signSeen',
    sign,
    rein: props.rein === 'both' ? null : props.rein,
    ...(known ? { known } : {}),
  } as NewTap
  if (props.letsPass && about(sign).isSlip) emit('signThen', made, { later: true })
  else emit('tap', made)
  asKnown.value = null
}
const times = (sign: Sign) => props.tapped.filter((e) => e.kind === 'signSeen' && e.sign === sign).length
const last = computed(() => {
  const e = props.tapped.findLast((t) => t.kind === 'signSeen')
  return e?.kind === 'signSeen' && !grave.includes(e.sign) ? e : undefined
})
const more = computed(() =>
  props.tapped.flatMap((e) => (e.kind === 'moreTold' && e.about === last.value?.id ? [e] : [])),
)
const is = (key: 'side' | 'where' | 'of' | 'mine' | 'later', value: unknown) =>
  more.value.findLast((m) => m[key] !== undefined && m[key] !== null)?.[key] === value
const say = (told: {
  side?: 'left' | 'right'
  where?: ArenaPlace
  of?: FrightenedOf
  mine?: boolean
  later?: boolean
}) => emit('tap', { kind: 'moreTold', about: last.value!.id, ...told } as NewTap)
</script>

<template>
  <ul v-if="letPass.length" class="grid gap-6px" aria-label="Let pass">
    <li v-for="s in letPass" :key="s.event" class="flex items-center gap-8px pl-12px edge-l-4px-straw">
      <span class="flex-1">Ask again: {{ signWords[s.sign] }}</span>
      <button
        type="button"
        class="rail-key chip"
        @click="emit('tap', { kind: 'askedAgain', about: s.event, answered: 'alone' })"
      >
        It came
      </button>
      <button
        type="button"
        class="rail-key chip"
        @click="emit('tap', { kind: 'askedAgain', about: s.event, answered: 'not' })"
      >
        Not yet
      </button>
    </li>
  </ul>
  <p v-if="letsPass" class="rail-word">Slips are let pass for now, and asked again later.</p>
  <button
    v-for="k in known"
    :key="k.id"
    type="button"
    class="rail-key"
    :aria-pressed="asKnown === k.id"
    :class="{ on: asKnown === k.id }"
    @click="asKnown = asKnown === k.id ? null : k.id"
  >
    The next sign is the old one: {{ k.what }}
    <small>known since {{ shortDay(k.onDay) }}, {{ k.byWhom }}</small>
  </button>
  <section v-if="last" class="grid gap-6px p-8px bg-bank rounded-12px" aria-label="The last sign">
    <p class="font-semibold">{{ signWords[last.sign] }}</p>
    <div v-if="about(last.sign).hasSide" class="rail-keys two">
      <button
        v-for="s in ['left', 'right'] as const"
        :key="s"
        type="button"
        class="rail-key chip"
        :class="{ on: is('side', s) }"
        :aria-pressed="is('side', s)"
        @click="say({ side: s })"
      >
        {{ s === 'left' ? '◀ Left' : 'Right ▶' }}
      </button>
    </div>
    <div v-if="last.sign === 'frightened'" class="rail-keys">
      <button
        v-for="(word, o) in frightenedWords"
        :key="o"
        type="button"
        class="rail-key chip"
        :class="{ on: is('of', o) }"
        :aria-pressed="is('of', o)"
        @click="say({ of: o })"
      >
        {{ word }}
      </button>
    </div>
    <div v-if="about(last.sign).hasPlace" class="rail-keys four">
      <button
        v-for="(word, p) in arenaPlaceWords"
        :key="p"
        type="button"
        class="rail-key chip"
        :class="{ on: is('where', p) }"
        :aria-pressed="is('where', p)"
        @click="say({ where: p })"
      >
        {{ word.replace(/^(On|Beside|At) the /, '') }}
      </button>
    </div>
    <div v-if="about(last.sign).isSlip" class="rail-keys two">
      <button
        type="button"
        class="rail-key chip"
        :class="{ on: is('later', true) }"
        :aria-pressed="is('later', true)"
        @click="say({ later: !is('later', true) })"
      >
        Later
      </button>
      <button
        type="button"
        class="rail-key chip"
        :class="{ on: is('mine', true) }"
        :aria-pressed="is('mine', true)"
        @click="say({ mine: !is('mine', true) })"
      >
        Mine
      </button>
    </div>
  </section>
  <div class="rail-keys four signs">
    <button v-for="s in figures.stoppingSigns" :key="s" type="button" class="rail-key grave" @click="tell(s)">
      {{ signWords[s] }}<small v-if="times(s)">{{ times(s) }}</small>
    </button>
  </div>
  <div class="rail-keys four signs">
    <button v-for="s in shown" :key="s" type="button" class="rail-key soft" @click="tell(s)">
      {{ signWords[s] }}<small v-if="times(s)">{{ times(s) }}</small>
    </button>
  </div>
  <button type="button" class="rail-key chip" :aria-expanded="all" @click="all = !all">
    {{ all ? 'Fewer signs' : 'All signs' }}
  </button>
</template>

<style scoped>
.signs .rail-key {
  font-size: 0.92rem;
}
.signs .grave {
  min-height: 52px;
}
.chip {
  min-height: 48px;
  padding: 4px 10px;
  font-size: 0.92rem;
}
</style>

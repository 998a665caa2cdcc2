<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { computed, ref } from 'vue'
import { ask, client } from '../api/client'
import type { Answered, ReferredTo, Review, Verdict } from '../api/schema'
import BlockFollows from '../blocks/BlockFollows.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import WhyButton from '../house/WhyButton.vue'
import { useProblem } from '../house/faults'
import { longDay, opened, shortDay } from '../house/format'
import { trains } from '../house/signIn'
import { options, referredWords, strandWords, verdictWords } from '../house/words'

/** What the rules say of a ride: the most careful leads; the trainer accepts or overrules, and both are kept. */
const props = defineProps<{ horseId: string; review: Review }>()
const emit = defineEmits<{ answered: [] }>()
const { problem, busy, attempt } = useProblem()
const overruling = ref<string | null>(null)
const word = ref('')
const outcome = ref<Answered | null>(null)
const first = computed(() => props.review.verdicts[0]!)
/** What was answered stands as it was said, also once the horse has gone on because of it. */
const lead = computed(() =>
  props.review.asAnswered
    ? { ...props.review.asAnswered, rule: props.review.answers[0]!.rule, refers: null, canBeOverruled: true }
    : first.value,
)
const others = computed(() => (props.review.asAnswered ? [] : props.review.verdicts.slice(1)))
const latest = computed(() => props.review.answers[0])
const referTo = ref<ReferredTo | null>(null)
const blockId = ref<string | null>(null)

async function answer(verdict: Verdict, accepted: boolean) {
  const answered = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/rides/{rideId}/answers', {
        params: { path: { horseId: props.horseId, rideId: props.review.id } },
        body: { rule: verdict.rule, accepted, word: accepted ? '' : word.value, referTo: referTo.value },
      }),
    ),
  )
  if (!answered) return
  outcome.value = answered
  blockId.value = answered.blockId
  overruling.value = null
  word.value = ''
  emit('answered')
}
</script>

<template>
  <section class="card verdict grid gap-10px edge-l-8px-walk py-18px px-22px" :class="lead.word">
    <p v-if="review.better" class="better">
      <strong>Better:</strong> {{ review.better.says }}
      <WhyButton :why="review.better.why" of="what is better" />
    </p>
    <p class="lead">{{ verdictWords[lead.word] }}</p>
    <p class="text-1.1rem max-w-62ch">{{ lead.do }}</p>
    <p class="quiet">Seen: {{ lead.seen }}. <WhyButton :why="lead.why" of="this verdict" /></p>

    <ProblemNote v-if="problem" :problem="problem" />
    <p v-if="latest" class="py-9px px-13px rounded-8px bg-bank">
      <template v-if="latest.accepted">Accepted by {{ latest.by }}, {{ shortDay(latest.at) }}.</template>
      <template v-else>Overruled by {{ latest.by }}, {{ shortDay(latest.at) }}: “{{ latest.word }}”</template>
      <template v-if="outcome?.next">
        Next session <strong>{{ longDay(outcome.next.on) }}</strong>: {{ outcome.says.join(', ') }}.
        <RouterLink :to="{ name: 'session', params: { horseId, sessionId: outcome.next.id } }"
          >Look at it</RouterLink
        >
      </template>
      <RouterLink
        v-else-if="latest.nextSessionId"
        :to="{ name: 'session', params: { horseId, sessionId: latest.nextSessionId } }"
        >The session made from it</RouterLink
      >
      <template v-else-if="outcome && latest.accepted"> {{ outcome.says.join('; ') }}.</template>
      <span v-if="latest.said && !review.asAnswered" class="small quiet block">
        As it was said then: {{ latest.said.seen }}. {{ latest.said.do }}
      </span>
    </p>
    <div v-else-if="trains()" class="row">
      <label v-if="lead.refers" class="row gap-8px"
        ><span>Shown to the</span>
        <PickOne
          :value="referTo ?? lead.refers.to"
          :options="options(referredWords)"
          aria-label="Shown to"
          @change="(to) => (referTo = to)"
        />
      </label>
      <Button type="primary" :disabled="busy" @click="answer(first, true)">
        {{
          lead.change === 'noRiddenWork'
            ? lead.refers
              ? 'Accept, and refer'
              : 'Accept'
            : lead.refers
              ? 'Accept, refer, and make the next session'
              : 'Accept, and make the next session'
        }}
      </Button>
      <Button v-if="lead.canBeOverruled" @click="overruling = lead.rule"> I see it otherwise </Button>
      <span v-else class="small quiet">This cannot be overruled: it protects the horse.</span>
    </div>

    <p v-if="review.referral" class="follows">
      <RouterLink :to="{ name: 'referral', params: { horseId, referralId: review.referral.referral.id } }"
        >For the {{ referredWords[review.referral.referral.to].toLowerCase() }}</RouterLink
      >,
      <template v-if="review.referral.referral.outcome"
        >answered: “{{ review.referral.referral.outcome.word }}”</template
      >
      <template v-else
        >open {{ opened(review.referral.daysOpen)
        }}{{ review.referral.waits ? `: no ${review.referral.waits} till then` : '' }}.</template
      >
    </p>
    <p v-for="m in outcome?.ladder ?? []" :key="m.strand" class="follows">
      {{ strandWords[m.strand] }}: <span class="quiet">{{ m.from }}</span> → <strong>{{ m.to }}</strong>
    </p>
    <BlockFollows v-if="blockId" :horse-id="horseId" :block-id="blockId" @close="blockId = null" />

    <ul v-if="others.length" class="others grid gap-6px pt-10px edge-t">
      <li v-for="v in others" :key="v.rule">
        <strong>{{ verdictWords[v.word] }}</strong>: {{ v.seen }}. {{ v.do }}
        <WhyButton :why="v.why" :of="`${v.rule}`" />
        <Button
          v-if="trains() && !latest && v.word !== 'carryOn'"
          type="link"
          size="small"
          :disabled="busy"
          @click="answer(v, true)"
        >
          Accept this instead
        </Button>
      </li>
    </ul>

    <form v-if="overruling" class="stack" @submit.prevent="answer(first, false)">
      <label for="word"><strong>Why do you see it otherwise?</strong></label>
      <Input id="word" v-model:value="word" placeholder="A word is enough; it is kept beside the advice" />
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Overrule</Button>
        <Button @click="overruling = null">Leave it</Button>
      </div>
    </form>
  </section>
</template>

<style scoped>
.verdict.end,
.verdict.hold,
.verdict.stop {
  border-left-color: var(--grave);
}
.verdict.cut,
.verdict.ease,
.verdict.back,
.verdict.adjust {
  border-left-color: var(--straw);
}
.better {
  padding-bottom: 10px;
  border-bottom: 1px solid var(--line);
}
.follows {
  padding-left: 12px;
  border-left: 4px solid var(--straw);
}
.lead {
  font-size: 1.9rem;
  line-height: 1.15;
  font-weight: 700;
  letter-spacing: -0.01em;
}
.end .lead,
.hold .lead,
.stop .lead {
  color: var(--grave);
}
.others .ant-btn {
  margin-left: 8px;
}
</style>

<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { computed, ref } from 'vue'
import type { TimelineLine } from '../api/schema'
import { shortDay } from '../house/format'
import { useTimeline } from '../house/queries'

/** What happened, the latest first. */
const props = defineProps<{ horseId: string }>()
const { data: lines } = useTimeline(() => props.horseId)
const all = ref(false)
const few = 8
const shown = computed(() => (all.value ? lines.value : lines.value?.slice(0, few)) ?? [])
const to = (l: TimelineLine) =>
  l.what === 'ride'
    ? { name: 'review', params: { horseId: props.horseId, rideId: l.id! } }
    : l.what === 'assessment'
      ? { name: 'assessment', params: { horseId: props.horseId, assessmentId: l.id! } }
      : l.what === 'referral'
        ? { name: 'referral', params: { horseId: props.horseId, referralId: l.id! } }
        : undefined
</script>

<template>
  <section v-if="lines?.length" class="card">
    <h2>What happened</h2>
    <ol class="grid gap-7px mt-10px mx-0 mb-6px">
      <li
        v-for="(l, i) in shown"
        :key="i"
        :class="l.what"
        class="grid grid-cols-[84px_minmax(0,1fr)] gap-8px pl-9px edge-l-3px leading-[1.3] text-0.92rem"
      >
        <span class="small quiet">{{ shown[i - 1]?.on === l.on ? '' : shortDay(l.on) }}</span>
        <RouterLink v-if="to(l)" :to="to(l)!">{{ l.says }}</RouterLink>
        <span v-else>{{ l.says }}</span>
      </li>
    </ol>
    <Button v-if="lines.length > few" type="link" size="small" @click="all = !all">
      {{ all ? 'The latest only' : `${lines.length - few} more` }}
    </Button>
  </section>
</template>

<style scoped>
li.ride {
  border-left-color: var(--walk);
}
li.rung,
li.referral,
li.assessment {
  border-left-color: var(--straw);
}
li.hold,
li.restriction {
  border-left-color: var(--grave);
}
</style>

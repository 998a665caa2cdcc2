<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { useRoute, useRouter } from 'vue-router'
import { ask, client } from '../api/client'
import { sendLeftBehind } from '../assessments/waiting'
import HorseSwitcher from '../horses/HorseSwitcher.vue'
import { initials } from './format'
import { signedIn, take } from './signIn'
import { done } from './undo'
import { sendFor, stopSending, waiting } from '../rides/rail/sender'
import { watch } from 'vue'

const route = useRoute()
const router = useRouter()
const queries = useQueryClient()

watch(
  () => signedIn.value?.me?.id,
  (id) => {
    if (!id) return
    sendFor(id)
    void sendLeftBehind(id)
  },
  { immediate: true },
)

async function signOut() {
  const left = waiting.value
  take(await ask(() => client.DELETE('/api/sign-in')))
  stopSending()
  queries.clear()
  await router.push({ name: 'sign-in' })
  if (left) done(`${left} of your taps wait on this device. Sign in here again, and they are sent.`)
}
</script>

<template>
  <header class="top no-print">
    <RouterLink class="mark" to="/">
      <svg viewBox="0 0 32 20" width="32" height="20" aria-hidden="true">
        <rect
          x="1.5"
          y="1.5"
          width="29"
          height="17"
          rx="8.5"
          fill="var(--card)"
          stroke="var(--ink)"
          stroke-width="2.6"
        />
        <path d="M9.5 10h13" stroke="var(--straw)" stroke-width="3" stroke-linecap="round" />
      </svg>
      Hippodrome
    </RouterLink>
    <nav aria-label="Yard">
      <RouterLink to="/">Today</RouterLink>
      <RouterLink :to="{ name: 'week' }" :class="{ in: String(route.path).startsWith('/week') }"
        >Week</RouterLink
      >
      <RouterLink :to="{ name: 'library' }" :class="{ in: String(route.path).startsWith('/library') }"
        >Library</RouterLink
      >
      <RouterLink to="/arena">Arena</RouterLink>
      <RouterLink to="/yard-book">Yard book</RouterLink>
    </nav>
    <div class="right">
      <RouterLink v-if="waiting" class="wait small" to="/rail">{{ waiting }} waiting</RouterLink>
      <HorseSwitcher />
      <span class="me" :title="signedIn?.me?.name" aria-hidden="true">{{
        initials(signedIn?.me?.name ?? '')
      }}</span>
      <button class="link small" type="button" @click="signOut">Sign out</button>
    </div>
  </header>
</template>

<style scoped>
.top {
  display: flex;
  align-items: center;
  gap: 8px 26px;
  flex-wrap: wrap;
  min-height: 56px;
  padding: 6px 20px;
  background: var(--card);
  border-bottom: 1px solid var(--line);
}
.mark {
  display: inline-flex;
  align-items: center;
  gap: 10px;
  font-size: 1.12rem;
  font-weight: 700;
  text-decoration: none;
}
nav {
  display: flex;
  gap: 22px;
}
nav a {
  padding: 6px 0;
  color: var(--quiet);
  text-decoration: none;
  border-bottom: 3px solid transparent;
}
nav a.router-link-exact-active,
nav a.in {
  color: var(--ink);
  font-weight: 600;
  border-color: var(--straw);
}
.right {
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: 14px;
}
.me {
  display: grid;
  place-items: center;
  width: 32px;
  height: 32px;
  border-radius: 50%;
  border: 1px solid var(--line);
  font-size: 0.8rem;
  font-weight: 700;
  color: var(--quiet);
}
@media (max-width: 620px) {
  .me {
    display: none;
  }
}
</style>

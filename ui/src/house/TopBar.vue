<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { useQueryClient } from '@tanstack/vue-query'
import { useRoute, useRouter } from 'vue-router'
import { ask, client } from '../api/client'
import { sendLeftBehind } from '../assessments/waiting'
import HorseSwitcher from '../horses/HorseSwitcher.vue'
import { initials } from './format'
import { signedIn, take } from './signIn'
import { done } from './undo'
import { forget } from '../rides/rail/pocket'
import { sendFor, stopSending, waiting } from '../rides/rail/sender'
import { ref, watch } from 'vue'

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

const places = [
  { to: '/', word: 'Today' },
  { to: '/week', word: 'Week' },
  { to: '/library', word: 'Library' },
  { to: '/arena', word: 'Arena' },
  { to: '/yard-book', word: 'Yard book' },
]
const isIn = (to: string) => (to === '/' ? route.path === '/' : route.path.startsWith(to))

/** On a phone the places are behind one button; it closes once a page was chosen. */
const menu = ref<HTMLDetailsElement>()
watch(
  () => route.fullPath,
  () => menu.value?.removeAttribute('open'),
)

async function signOut() {
  const left = waiting.value
  const who = signedIn.value?.me?.id
  take(await ask(() => client.DELETE('/api/sign-in')))
  stopSending()
  if (who) await forget(who).catch(() => undefined)
  queries.clear()
  await router.push({ name: 'sign-in' })
  if (left) done(`${left} of your taps wait on this device. Sign in here again, and they are sent.`)
}
</script>

<template>
  <header class="top no-print">
    <RouterLink class="inline-flex items-center gap-10px text-1.12rem font-bold no-underline" to="/">
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
    <nav class="wide" aria-label="Yard">
      <RouterLink v-for="p in places" :key="p.to" :to="p.to" :class="{ in: isIn(p.to) }">{{
        p.word
      }}</RouterLink>
    </nav>
    <div class="right ml-auto flex items-center gap-14px">
      <RouterLink v-if="waiting" class="wait small" to="/rail">{{ waiting }} waiting</RouterLink>
      <HorseSwitcher />
      <span class="initials wide" :title="signedIn?.me?.name" aria-hidden="true">{{
        initials(signedIn?.me?.name ?? '')
      }}</span>
      <Button type="link" size="small" class="wide" @click="signOut">Sign out</Button>
      <details ref="menu" class="menu hidden relative">
        <summary class="[list-style:none] py-8px px-16px edge rounded-8px font-semibold cursor-pointer">
          Menu
        </summary>
        <nav aria-label="Yard">
          <RouterLink v-for="p in places" :key="p.to" :to="p.to" :class="{ in: isIn(p.to) }">{{
            p.word
          }}</RouterLink>
          <Button type="link" @click="signOut">Sign out</Button>
        </nav>
      </details>
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
nav.wide {
  display: flex;
  gap: 22px;
}
nav a {
  padding: 6px 0;
  color: var(--quiet);
  text-decoration: none;
  border-bottom: 3px solid transparent;
}
nav a.in {
  color: var(--ink);
  font-weight: 600;
  border-color: var(--straw);
}
.initials {
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
.menu nav {
  position: absolute;
  right: 0;
  top: calc(100% + 8px);
  z-index: 15;
  display: grid;
  min-width: 190px;
  padding: 8px 16px;
  border: 1px solid var(--line);
  border-radius: var(--round);
  background: var(--card);
}
.menu nav > * {
  padding: 11px 0;
  border-bottom: 1px solid var(--line);
  text-align: left;
}
.menu nav > :last-child {
  border-bottom: 0;
}
/* One row: the mark, the horse, and a button for the rest. */
@media (max-width: 720px) {
  .top {
    flex-wrap: nowrap;
    padding: 6px 14px;
  }
  .wide,
  nav.wide {
    display: none;
  }
  .menu {
    display: block;
  }
  .right {
    gap: 10px;
    min-width: 0;
  }
}
</style>

<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { useQueryClient } from '@tanstack/vue-query'
import { reactive } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ask, client } from '../api/client'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { loadSignIn, take } from '../house/signIn'

const form = reactive({ email: '', password: '' })
const { problem, busy, attempt } = useProblem()
const route = useRoute()
const router = useRouter()
const queries = useQueryClient()

async function signIn() {
  const state = await attempt(async () => {
    await loadSignIn()
    return ask(() => client.POST('/api/sign-in', { body: form }))
  })
  if (!state) return
  take(state)
  queries.clear()
  const to = String(route.query.to ?? '/')
  await router.push(to.startsWith('/') && !to.startsWith('//') ? to : '/')
}
</script>

<template>
  <main id="main" class="grid justify-items-center content-start gap-0 py-7vh px-16px">
    <svg class="arena" viewBox="-3 -3 66 26" aria-hidden="true">
      <rect width="60" height="20" rx="0.4" fill="var(--sand)" stroke="var(--ink)" stroke-width="0.3" />
      <path
        d="M6 10a4 4 0 0 1 4-4h40a4 4 0 0 1 0 8H10a4 4 0 0 1-4-4z"
        fill="none"
        stroke="var(--sand-line)"
        stroke-width="0.5"
      />
      <g fill="var(--card)" stroke="var(--ink)" stroke-width="0.15">
        <rect v-for="i in 5" :key="i" :x="24 + i * 1.9" y="4.4" width="0.4" height="3.2" rx="0.2" />
      </g>
    </svg>
    <form class="card stack" @submit.prevent="signIn">
      <div>
        <h1 class="text-1.9rem">Hippodrome</h1>
        <p class="quiet">The working book of your yard.</p>
      </div>
      <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
      <FieldBox v-slot="{ id }" label="E-mail" name="email">
        <Input :id="id" v-model:value="form.email" type="email" autocomplete="username" autofocus />
      </FieldBox>
      <FieldBox v-slot="{ id }" label="Password" name="password">
        <Input :id="id" v-model:value="form.password" type="password" autocomplete="current-password" />
      </FieldBox>
      <Button type="primary" html-type="submit" :disabled="busy">Sign in</Button>
    </form>
  </main>
</template>

<style scoped>
.arena {
  width: min(620px, 100%);
}
.card {
  width: min(400px, 100%);
  margin-top: -26px;
  padding: 26px;
  position: relative;
}
</style>

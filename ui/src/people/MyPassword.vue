<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { reactive } from 'vue'
import { ask, client } from '../api/client'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { loadSignIn } from '../house/signIn'
import { done } from '../house/undo'

const form = reactive({ old: '', new: '' })
const { problem, busy, attempt } = useProblem()

async function change() {
  if (!(await attempt(() => ask(() => client.PUT('/api/me/password', { body: form }))))) return
  form.old = form.new = ''
  await loadSignIn()
  done('Changed. Other devices have to sign in again.')
}
</script>

<template>
  <form class="card stack" @submit.prevent="change">
    <h2>My password</h2>
    <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
    <FieldBox v-slot="{ id }" label="The one you have" name="old"
      ><Input :id="id" v-model:value="form.old" type="password" autocomplete="current-password"
    /></FieldBox>
    <FieldBox
      v-slot="{ id }"
      label="A new one"
      name="new"
      hint="10 characters or more; three odd words do well"
      ><Input :id="id" v-model:value="form.new" type="password" autocomplete="new-password"
    /></FieldBox>
    <Button html-type="submit" :disabled="busy">Change it</Button>
  </form>
</template>

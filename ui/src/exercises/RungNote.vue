<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { ref } from 'vue'
import { ask, client } from '../api/client'
import type { RungPage } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import ConflictDialog from '../house/ConflictDialog.vue'
import FieldBox from '../house/FieldBox.vue'
import { useProblem } from '../house/faults'
import { trains } from '../house/signIn'

/** What this yard has to say about a rung, beside the catalogue's own words. */
const props = defineProps<{ page: RungPage }>()
const changed = useChanged()
const { problem, busy, attempt } = useProblem()
const writing = ref(false)
const note = ref('')

function write() {
  note.value = props.page.note?.note ?? ''
  writing.value = true
}

async function keep(version = props.page.note?.version ?? 0) {
  const kept = await attempt(() =>
    ask(() =>
      client.PUT('/api/library/notes', {
        body: { version, entry: { rungId: props.page.rung.id, note: note.value } },
      }),
    ),
  )
  if (!kept) return
  writing.value = false
  await changed(bearsUpon.library)
}

async function takeTheirs() {
  writing.value = false
  problem.value = null
  await changed(bearsUpon.library)
}
</script>

<template>
  <section v-if="page.note?.note || trains()" class="card">
    <div class="row spread">
      <h2>Our note</h2>
      <Button v-if="trains() && !writing" size="small" @click="write">
        {{ page.note?.note ? 'Change it' : 'Write one' }}
      </Button>
    </div>
    <form v-if="writing" class="stack" @submit.prevent="keep()">
      <FieldBox v-slot="{ id }" label="What we have found" name="note"
        ><Input.TextArea :id="id" v-model:value="note" :rows="3"
      /></FieldBox>
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Keep it</Button>
        <Button @click="writing = false">Leave it</Button>
      </div>
    </form>
    <p v-else-if="page.note?.note">
      {{ page.note.note }} <span class="small quiet">{{ page.note.by }}</span>
    </p>
    <ConflictDialog
      :problem="problem"
      :mine="{ note }"
      :words="{ note: 'Note' }"
      @keep-mine="keep"
      @take-theirs="takeTheirs"
    />
  </section>
</template>

<style scoped>
.stack {
  gap: 12px;
}
p {
  margin-top: 4px;
}
</style>

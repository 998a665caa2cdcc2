<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { ask, client } from '../api/client'
import type { RungPage } from '../api/schema'
import { bearsUpon } from '../house/keys'
import ConflictDialog from '../house/ConflictDialog.vue'
import FieldBox from '../house/FieldBox.vue'
import { useDraft } from '../house/drafts'
import { trains } from '../house/signIn'

/** What this yard has to say about a rung, beside the catalogue's own words. */
const props = defineProps<{ page: RungPage }>()
const { entry, open, problem, busy, begin, leave, keep, takeTheirs } = useDraft({
  blank: () => ({ note: '' }),
  of: ({ note }: RungPage) => ({ note: note?.note ?? '' }),
  versionOf: ({ note }) => note?.version ?? 0,
  send: ({ note }, on) =>
    ask(() =>
      client.PUT('/api/library/notes', {
        body: { version: on!.version, entry: { rungId: props.page.rung.id, note } },
      }),
    ),
  bearsUpon: () => bearsUpon.library,
})
</script>

<template>
  <section v-if="page.note?.note || trains()" class="card">
    <div class="row spread">
      <h2>Our note</h2>
      <Button v-if="trains() && !open" size="small" @click="begin(page)">
        {{ page.note?.note ? 'Change it' : 'Write one' }}
      </Button>
    </div>
    <form v-if="open" class="stack gap-12px" @submit.prevent="keep()">
      <FieldBox v-slot="{ id }" label="What we have found" name="note"
        ><Input.TextArea :id="id" v-model:value="entry.note" :rows="3"
      /></FieldBox>
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Keep it</Button>
        <Button @click="leave">Leave it</Button>
      </div>
    </form>
    <p v-else-if="page.note?.note" class="mt-4px">
      {{ page.note.note }} <span class="small quiet">{{ page.note.by }}</span>
    </p>
    <ConflictDialog
      :problem="problem"
      :mine="entry"
      :words="{ note: 'Note' }"
      @keep-mine="keep"
      @take-theirs="takeTheirs"
    />
  </section>
</template>

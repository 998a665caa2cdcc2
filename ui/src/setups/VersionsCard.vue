<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { ask, client } from '../api/client'
import type { SetUpVersion } from '../api/schema'
import { keys } from '../house/keys'
import { shortDay } from '../house/format'

/** Earlier versions of a set-up; one brought back is a change like any other, until it is kept. */
const props = defineProps<{ horseId: string; setUpId: string; version: number }>()
const emit = defineEmits<{ bringBack: [version: SetUpVersion] }>()
const { data: versions } = useQuery({
  queryKey: computed(() => keys.ofHorse(props.horseId).setUpVersions(props.setUpId, props.version)),
  queryFn: () =>
    ask(() =>
      client.GET('/api/horses/{horseId}/set-ups/{setUpId}/versions', {
        params: { path: { horseId: props.horseId, setUpId: props.setUpId } },
      }),
    ),
})
const earlier = computed(() => (versions.value ?? []).filter((v) => v.version !== props.version))
</script>

<template>
  <section v-if="earlier.length" class="card">
    <h2>Earlier versions</h2>
    <ul class="grid gap-4px mt-6px">
      <li v-for="v in earlier" :key="v.version" class="row spread">
        <span
          >{{ v.version }}. {{ v.name }} <span class="small quiet">{{ shortDay(v.keptAt) }}</span></span
        >
        <Button type="link" size="small" @click="emit('bringBack', v)">Bring back</Button>
      </li>
    </ul>
  </section>
</template>

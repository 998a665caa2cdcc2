<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { Popover } from 'ant-design-vue'
import { ref } from 'vue'
import type { Why } from '../api/schema'

/** Every number and verdict can be asked why: rule, inputs, class of source. */
defineProps<{ why: Why; of?: string }>()
const open = ref(false)
const classWords = {
  published: 'Published',
  commonPractice: 'Common practice',
  chosen: 'Chosen for Hippodrome',
}
</script>

<template>
  <Popover v-model:open="open" trigger="click" placement="bottom" overlay-class-name="why">
    <template #content>
      <div class="max-w-340px grid gap-6px">
        <strong>{{ why.rule }}</strong>
        <ul>
          <li v-for="input in why.inputs" :key="input" class="pl-12px relative">{{ input }}</li>
        </ul>
        <p class="text-0.87rem text-quiet">
          {{ classWords[why.source.class]
          }}<template v-if="why.source.class !== 'commonPractice'">: {{ why.source.says }}</template
          ><template v-else>, no source</template>.
        </p>
      </div>
    </template>
    <Button
      type="link"
      class="no-print"
      :aria-expanded="open"
      :aria-label="of ? `Why ${of}?` : 'Why?'"
      @keydown.esc.stop="open = false"
    >
      Why?
    </Button>
  </Popover>
</template>

<style scoped>
/* Between two elements the template keeps no space. */
.ant-btn {
  margin-left: 0.3em;
}
li::before {
  content: '';
  position: absolute;
  left: 0;
  top: 0.6em;
  width: 5px;
  height: 5px;
  border-radius: 50%;
  background: var(--straw);
}
</style>

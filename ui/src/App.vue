<script setup lang="ts">
import ConfigProvider from 'ant-design-vue/es/config-provider'
import enGB from 'ant-design-vue/es/locale/en_GB'
import { defineAsyncComponent } from 'vue'
import { useRoute } from 'vue-router'
import TopBar from './house/TopBar.vue'
import UndoNote from './house/UndoNote.vue'
import { useShortcuts } from './house/shortcuts'
import { theme } from './house/theme'
import { tellWaiting } from './house/waiting'

const KeysDialog = defineAsyncComponent(() => import('./house/KeysDialog.vue'))
const route = useRoute()
const keysShown = useShortcuts()
const clothes = theme()
tellWaiting()
</script>

<template>
  <ConfigProvider
    :theme="clothes"
    :locale="enGB"
    :wave="{ disabled: true }"
    :auto-insert-space-in-button="false"
  >
    <a class="skip absolute -left-999px" href="#main">To the page</a>
    <TopBar v-if="!route.meta.open && !route.meta.bare" />
    <RouterView />
    <UndoNote />
    <KeysDialog v-if="keysShown" v-model:open="keysShown" />
  </ConfigProvider>
</template>

<style scoped>
.skip:focus {
  left: 12px;
  top: 12px;
  z-index: 20;
  padding: 8px 12px;
  background: var(--card);
}
</style>

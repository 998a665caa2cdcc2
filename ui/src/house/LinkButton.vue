<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import type { RouteLocationRaw } from 'vue-router'

/** A way to another page that looks like what it is for: the next thing to do. */
defineProps<{ to: RouteLocationRaw; type?: 'primary' | 'link'; size?: 'small' }>()
</script>

<template>
  <RouterLink v-slot="{ href, navigate }" :to="to" custom>
    <Button :href="href" :type="type" :size="size" @click="navigate"><slot /></Button>
  </RouterLink>
</template>

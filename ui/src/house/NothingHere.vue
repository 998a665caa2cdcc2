<template>
  <main class="nothing stack">
    <h1>There is nothing at this address.</h1>
    <p><RouterLink to="/">Back to Today</RouterLink></p>
  </main>
</template>

<style scoped>
.nothing {
  padding: 48px 24px;
}
</style>

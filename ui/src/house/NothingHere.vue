<template>
  <main class="stack py-48px px-24px">
    <h1>There is nothing at this address.</h1>
    <p><RouterLink to="/">Back to Today</RouterLink></p>
  </main>
</template>

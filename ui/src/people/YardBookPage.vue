<script setup lang="ts">
import LoadingLines from '../house/LoadingLines.vue'
import { signedIn, trains } from '../house/signIn'
import ApproachCard from '../horses/ApproachCard.vue'
import OverruledCard from '../rides/OverruledCard.vue'
import KitOwned from '../setups/KitOwned.vue'
import WeatherCard from '../yards/WeatherCard.vue'
import CalendarsCard from '../yards/CalendarsCard.vue'
import MyMeasures from './MyMeasures.vue'
import MyPassword from './MyPassword.vue'
import PeopleList from './PeopleList.vue'
</script>

<template>
  <main id="main" class="max-w-1180px mx-auto pt-22px px-20px pb-70px">
    <header class="page-head">
      <h1>Yard book</h1>
      <span class="quiet">{{ signedIn?.yard }}</span>
    </header>
    <div class="columns">
      <div class="stack">
        <PeopleList v-if="trains()" />
        <KitOwned v-if="trains()" />
        <WeatherCard v-if="trains()" />
        <CalendarsCard />
        <ApproachCard />
      </div>
      <div class="stack">
        <MyMeasures />
        <MyPassword />
        <OverruledCard v-if="trains()" />
      </div>
    </div>
    <LoadingLines />
  </main>
</template>

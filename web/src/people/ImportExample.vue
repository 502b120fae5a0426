<script setup lang="ts">
import { t } from '@/messages/people'

/** What a list may look like, before there is one. */
const HEADS = [
  t('importExample.familyName'),
  t('importExample.givenName'),
  t('importExample.birthDate'),
  t('importExample.squad'),
  t('importExample.number'),
]
const LINES = [
  ['Tarbuck', 'Wynn', '14.03.2008', 'Trampoline', 'T04'],
  ['Penhale', 'Oskar', '02.11.1999', 'Handball', 'H23'],
]
</script>

<template>
  <section class="example" aria-labelledby="example">
    <h2 id="example">{{ t('importExample.forExample') }}</h2>
    <div class="wide" role="region" :aria-label="t('importExample.exampleList')" tabindex="0">
      <table class="figures">
        <thead>
          <tr>
            <th v-for="head in HEADS" :key="head" scope="col">{{ head }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in LINES" :key="line[0]">
            <td v-for="cell in line" :key="cell">{{ cell }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <ul class="quiet-text">
      <li>
        {{ t('importExample.aNameInOneOrTwo') }}
      </li>
      <li>
        {{ t('importExample.sportTreatingDoctorGuardianAndNotes') }}
      </li>
      <li>{{ t('importExample.youFirstSeeWhatHappensTo') }}</li>
      <li>{{ t('importExample.youCanUndoTheWholeImport') }}</li>
    </ul>
  </section>
</template>

<style scoped>
.example {
  display: grid;
  gap: 10px;
  max-width: 760px;
}
h2 {
  font-size: var(--type-head);
}
.wide {
  overflow-x: auto;
}
ul {
  display: grid;
  gap: 4px;
  padding-left: 1.1em;
  list-style: disc;
}
</style>

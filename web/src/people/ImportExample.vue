<script setup lang="ts">
/** What a list may look like, before there is one. */
const HEADS = ['Family name', 'Given name', 'Birth date', 'Squad', 'Number']
const LINES = [
  ['Tarbuck', 'Wynn', '14.03.2008', 'Trampoline', 'T04'],
  ['Penhale', 'Oskar', '02.11.1999', 'Handball', 'H23'],
]
</script>

<template>
  <section class="example" aria-labelledby="example">
    <h2 id="example">For example</h2>
    <div class="wide" role="region" aria-label="A list for example" tabindex="0">
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
        A name, whole or in two columns, a birth date and a squad are enough; one squad can be said for all of the list.
      </li>
      <li>
        Sport, treating doctor, guardian and notes are understood too; heads may be English, German, French, Dutch or
        Swedish, and other ones are matched by hand.
      </li>
      <li>First you see what would become of each line; only then is it stored, all of it or nothing.</li>
      <li>You can undo the whole import for a day.</li>
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

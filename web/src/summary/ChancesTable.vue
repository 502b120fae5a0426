<script setup lang="ts">
import type { Verdict } from '@/contract/types'
import { t } from '@/messages/summary'
import { day } from '@/shared/dates'
import { inHundred, rangeInHundred } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'
import { useVerdict } from '@/stores/verdict'

/** Every chance, the highest first, with its interval drawn to scale. */
const catalogue = useCatalogue()
const verdict = useVerdict()

function zoneOf({ zone, unsettled, known, tellsChance }: Verdict): string {
  const label = catalogue.label('zone', zone)
  if (known && !tellsChance) {
    const said = { zone: label, by: catalogue.label('knownBy', known.by), day: day(known.on) }
    return known.before ? t('chancesTable.answeredBefore', said) : t('chancesTable.answered', said)
  }
  return unsettled ? t('chancesTable.zoneInconclusive', { zone: label }) : label
}
</script>

<template>
  <table>
    <thead>
      <tr>
        <th scope="col">{{ t('chancesTable.condition') }}</th>
        <th scope="col" class="n">{{ t('chancesTable.preTest') }}</th>
        <th scope="col" class="n">{{ t('chancesTable.afterHistory') }}</th>
        <th scope="col" class="n">{{ t('chancesTable.postTest') }}</th>
        <th scope="col" class="scale">
          <span class="unseen">{{ t('chancesTable.n95RangeDrawn') }}</span>
          <span aria-hidden="true">0</span>
          <span aria-hidden="true">100</span>
        </th>
        <th scope="col" class="n">{{ t('chancesTable.n95Range') }}</th>
        <th scope="col">{{ t('chancesTable.zone') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="chance in verdict.byChance" :key="chance.id" :class="chance.zone">
        <th scope="row">
          {{ catalogue.conditionLabel(chance.id) }}
          <small v-if="chance.grade !== null">{{ t('chancesTable.grade', { grade: chance.grade }) }}</small>
        </th>
        <td class="n">{{ inHundred(chance.pretest) }}</td>
        <td class="n">{{ inHundred(chance.afterStory) }}</td>
        <td class="n strong">{{ chance.tellsChance ? inHundred(chance.posttest) : '' }}</td>
        <td class="drawn">
          <svg v-if="chance.tellsChance" viewBox="0 0 100 20" preserveAspectRatio="none" aria-hidden="true">
            <path d="M0 10H100" class="track" />
            <path :d="`M${100 * chance.pretest} 5v10`" class="before" />
            <path :d="`M${100 * (chance.interval[0] ?? 0)} 10H${100 * (chance.interval[1] ?? 1)}`" class="range" />
            <path :d="`M${100 * chance.posttest} 2v16`" class="now" />
          </svg>
        </td>
        <td class="n">{{ chance.tellsChance ? rangeInHundred(chance.interval) : '' }}</td>
        <td class="zone">{{ zoneOf(chance) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.strong {
  font-size: var(--type-head);
  font-weight: 680;
}
.act .strong,
.act .zone {
  color: var(--needle);
  font-weight: 680;
}
.untested .strong {
  font-weight: 400;
  color: var(--text-2);
}
.scale {
  width: 20%;
}
.scale span:nth-child(3) {
  float: right;
}
svg {
  display: block;
  width: 100%;
  height: 20px;
  overflow: visible;
}
path {
  fill: none;
  vector-effect: non-scaling-stroke;
}
.track {
  stroke: var(--line);
}
.before {
  stroke: var(--line-2);
  stroke-dasharray: 2 2;
}
.range {
  stroke: var(--text-3);
  stroke-width: 4;
}
.now {
  stroke: var(--ink);
  stroke-width: 3;
}
.act .range,
.act .now {
  stroke: var(--needle);
}
@media (--phone) {
  .scale,
  .drawn {
    display: none;
  }
}
</style>

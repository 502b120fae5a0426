<script setup lang="ts">
import { computed } from 'vue'
import type { Plan } from '@/contract/types'
import { t } from '@/messages/bench'
import { useCatalogue } from '@/stores/catalogue'

/** Going on today: the answer, who else sees the knee, what holds until then, and each reason. */
const props = defineProps<{ plan: Plan }>()
const catalogue = useCatalogue()
const availability = computed(() => {
  const { status, notThis } = props.plan.availability
  return `${catalogue.label('availability', status)}${notThis.length > 0 ? t('playVerdict.not', { notThis: notThis.join(', ') }) : ''}.`
})
</script>

<template>
  <section class="verdict" :class="plan.play" aria-labelledby="play">
    <p class="answer" role="status">
      <svg viewBox="0 0 28 28" aria-hidden="true">
        <path v-if="plan.play === 'stop'" d="M9 2h10l7 7v10l-7 7H9l-7-7V9zM8 14h12" />
        <path v-else d="M2 14h22M15 5l9 9-9 9" />
      </svg>
      <b id="play">{{ catalogue.label('play', plan.play) }}</b>
    </p>
    <dl v-if="plan.sendOn.length > 0 || plan.advice.say.length > 0 || plan.lookAgain">
      <template v-for="referral in plan.sendOn" :key="referral.rule + referral.to">
        <dt>{{ catalogue.label('within', referral.within) }}</dt>
        <dd>
          <b>{{ referral.to }}</b>
          {{ referral.why }}
        </dd>
      </template>
      <template v-if="plan.advice.say.length > 0">
        <dt>{{ t('playVerdict.inTheMeantime') }}</dt>
        <dd>{{ plan.advice.say.join(' ') }}</dd>
      </template>
      <template v-if="plan.lookAgain">
        <dt>{{ t('playVerdict.reExamine') }}</dt>
        <dd>
          <b v-if="plan.lookAgain.hours">{{ plan.lookAgain.hours }}</b>
          {{ plan.lookAgain.say }} {{ plan.lookAgain.why }}
        </dd>
      </template>
      <dt>{{ t('playVerdict.availability') }}</dt>
      <dd>
        {{ availability }}
      </dd>
    </dl>
    <h2>{{ t('playVerdict.why') }}</h2>
    <ul>
      <li v-for="reason in plan.playWhy" :key="reason">{{ reason }}</li>
    </ul>
  </section>
</template>

<style scoped>
.verdict {
  display: grid;
  gap: 14px;
}
.answer {
  display: flex;
  align-items: center;
  gap: 16px;
  padding: 18px 20px;
  border: 3px solid var(--ink);
  border-radius: 6px;
  font-size: var(--type-title);
  line-height: 1.1;
}
.stop .answer {
  color: var(--on-band);
  background: var(--band);
}
svg {
  flex: none;
  width: 44px;
  fill: none;
  stroke: currentColor;
  stroke-width: 2.6;
  stroke-linejoin: round;
}
dl {
  display: grid;
  grid-template-columns: minmax(84px, auto) 1fr;
  gap: 8px 14px;
}
dt {
  color: var(--text-2);
}
ul {
  display: grid;
  gap: 7px;
  font-size: var(--type-lead);
}
li {
  padding-left: 14px;
  border-left: 3px solid var(--line-2);
}
</style>

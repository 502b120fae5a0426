<script setup lang="ts">
import { computed } from 'vue'
import type { Plan } from '@/contract/types'
import { t } from '@/messages/summary'
import { useCatalogue } from '@/stores/catalogue'
import UiMore from '@/ui/UiMore.vue'

/** What follows from the examination: who else sees it, what it wears, whether it plays, when to look again. */
const props = defineProps<{ plan: Plan }>()
const catalogue = useCatalogue()
const support = computed(() => {
  const { type, range, crutches } = props.plan.support
  return `${[catalogue.label('support', type), range, crutches && t('planSections.withCrutches')].filter(Boolean).join(', ')}.`
})
</script>

<template>
  <dl class="plan">
    <dt>{{ t('planSections.refer') }}</dt>
    <dd v-if="plan.sendOn.length === 0">{{ t('planSections.noReferralIndicated') }}</dd>
    <dd v-else>
      <ul>
        <li v-for="referral in plan.sendOn" :key="referral.rule + referral.to">
          <b>{{ catalogue.label('within', referral.within) }}:</b>
          {{ referral.to }}.
          <span>
            {{ referral.why }}
            <template v-if="referral.question">{{ t('planSections.asked', { question: referral.question }) }}</template>
          </span>
        </li>
      </ul>
    </dd>
    <template v-if="plan.advice.say.length > 0">
      <dt>{{ t('planSections.inTheMeantime') }}</dt>
      <dd>{{ plan.advice.say.join(' ') }}</dd>
    </template>
    <dt>{{ t('planSections.availability') }}</dt>
    <dd>
      <b>{{ catalogue.label('availability', plan.availability.status) }}.</b>
      <span v-if="plan.availability.notThis.length > 0">
        {{
          t('planSections.notYes', {
            notThis: plan.availability.notThis.join(', '),
            thisYes: plan.availability.thisYes.join(', '),
          })
        }}
      </span>
    </dd>
    <dt v-if="plan.play !== 'not_asked'">{{ t('planSections.goingOnToday') }}</dt>
    <dd v-if="plan.play !== 'not_asked'">
      <b>{{ catalogue.label('play', plan.play) }}.</b>
      <UiMore :title="t('planSections.reasons', { n: plan.playWhy.length })">
        <ul>
          <li v-for="reason in plan.playWhy" :key="reason">{{ reason }}</li>
        </ul>
      </UiMore>
    </dd>
    <dt>{{ t('planSections.support') }}</dt>
    <dd>
      <b>{{ support }}</b>
      {{ ' ' }}
      <span>{{ plan.support.why }} {{ plan.support.cost }}</span>
    </dd>
    <dt>{{ t('planSections.reExamine') }}</dt>
    <dd v-if="plan.lookAgain">
      <b>{{ plan.lookAgain.say }}</b>
      {{ ' ' }}
      <span>{{ plan.lookAgain.why }} {{ plan.lookAgain.hours }}</span>
    </dd>
    <dd v-else>{{ t('planSections.noneNeeded') }}</dd>
  </dl>
</template>

<style scoped>
dd b + span {
  margin-left: 0.3em;
}
.plan {
  display: grid;
  grid-template-columns: 132px 1fr;
}
dt,
dd {
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
dt {
  color: var(--text-3);
}
dd span {
  color: var(--text-2);
}
ul {
  display: grid;
  gap: 4px;
}
summary {
  min-height: 32px;
  display: flex;
  align-items: center;
  color: var(--text-3);
  cursor: pointer;
}
@media (pointer: coarse) {
  summary {
    min-height: 44px;
  }
}
@media (--phone) {
  .plan {
    grid-template-columns: 1fr;
  }
  dt {
    border: 0;
    padding-bottom: 0;
  }
  dd {
    border: 0;
    padding-top: 0;
  }
}
@media print {
  details,
  details ul,
  details li {
    display: inline;
  }
  details::details-content {
    display: inline;
    content-visibility: visible;
  }
  summary {
    display: none;
  }
  li::before {
    content: ' ';
  }
  .plan {
    grid-template-columns: 80px 1fr;
  }
  dt,
  dd {
    padding: 2pt 0;
  }
}
</style>

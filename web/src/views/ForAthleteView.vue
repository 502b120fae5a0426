<script setup lang="ts">
import { computed } from 'vue'
import ShareCode from '@/letters/ShareCode.vue'
import HurtParts from '@/plateau/HurtParts.vue'
import SubjectPage from '@/frame/SubjectPage.vue'
import { day } from '@/shared/dates'
import { useOpenExamination } from '@/stores/openExamination'
import { useSession } from '@/stores/session'
import { useOpen } from '@/stores/useOpen'
import { useVerdict } from '@/stores/verdict'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiWaiting from '@/ui/UiWaiting.vue'

/** What the athlete takes home, in large type: on paper, or read here together. */
const props = defineProps<{ id: string }>()
const opened = useOpenExamination()
const session = useSession()
const verdict = useVerdict()
const { ready, problem } = useOpen({ id: () => props.id })

const isSigned = computed(() => opened.head?.status === 'signed')
const mayShare = computed(() => isSigned.value && session.user?.sharesPages === true && session.user.answers)
const plan = computed(() => verdict.assessment?.plan)
const paragraphs = computed(() =>
  (plan.value?.forAthlete ?? '').split('\n\n').map((part) => {
    const [heading = '', ...said] = part.split('\n')
    return { heading, say: said.join(' ') }
  }),
)

function print(): void {
  window.print()
}
</script>

<template>
  <SubjectPage :title="opened.head ? `For ${opened.head.athlete.name}` : 'For the athlete'">
    <template v-if="ready" #beside>
      <nav class="actions" aria-label="For the athlete">
        <UiButton kind="quiet" :to="{ name: 'summary', params: { id } }">Summary</UiButton>
        <UiButton kind="main" @click="print">Print</UiButton>
      </nav>
    </template>
    <UiAlert v-if="problem" :say="problem" />
    <UiWaiting v-else-if="!ready || !opened.head" label="Loading" />
    <template v-else>
      <p class="quiet-text">
        {{ opened.hurtSide === 'left' ? 'Left' : 'Right' }} knee, {{ day(opened.head.examinedAt) }}
        <b v-if="!isSigned">, not signed yet</b>
      </p>
      <article>
        <div>
          <template v-for="{ heading, say } in paragraphs" :key="heading">
            <h2>{{ heading }}</h2>
            <p>{{ say }}</p>
          </template>
        </div>
        <HurtParts v-if="plan && plan.matters.length > 0" :parts="plan.matters" :side="opened.hurtSide" />
      </article>
      <ShareCode v-if="mayShare" :examination="id" />
    </template>
  </SubjectPage>
</template>

<style scoped>
.actions {
  display: flex;
  gap: 10px;
}
article {
  display: grid;
  grid-template-columns: minmax(0, 62ch) minmax(240px, 1fr);
  gap: 24px clamp(24px, 5vw, 80px);
  align-items: start;
  font-size: 21px;
  line-height: 1.5;
}
h2:first-child {
  margin-top: 0;
}
h2 {
  margin: 1em 0 0.15em;
  font-size: 22px;
}
@media (--tablet) {
  article {
    grid-template-columns: 1fr;
  }
}
@media print {
  .actions {
    display: none;
  }
  article {
    grid-template-columns: 1fr;
    font-size: 14pt;
  }
  h2 {
    font-size: 15pt;
    break-after: avoid;
  }
}
</style>

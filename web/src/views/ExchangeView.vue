<script setup lang="ts">
import { useTemplateRef } from 'vue'
import FormatList from '@/exchange/FormatList.vue'
import ImportRecords from '@/exchange/ImportRecords.vue'
import TableExport from '@/exchange/TableExport.vue'
import TokenForm from '@/exchange/TokenForm.vue'
import TokenList from '@/exchange/TokenList.vue'
import WebhookList from '@/exchange/WebhookList.vue'
import SubjectPage from '@/frame/SubjectPage.vue'
import InstrumentList from '@/instruments/InstrumentList.vue'
import { t } from '@/messages/views'
import { useSession } from '@/stores/session'

/** How records leave, and how other programs come in. */
const session = useSession()
const list = useTemplateRef('list')
</script>

<template>
  <SubjectPage :title="t('exchangeView.exchange')">
    <div class="columns">
      <div class="side">
        <FormatList />
        <ImportRecords v-if="session.user?.answers" />
        <TableExport v-if="session.user?.leads" />
        <WebhookList v-if="session.user?.leads" />
      </div>
      <div class="side">
        <TokenForm @made="list?.load()" />
        <TokenList ref="list" />
        <InstrumentList />
      </div>
    </div>
  </SubjectPage>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 30px clamp(22px, 5vw, 64px);
  align-items: start;
}
.side {
  display: grid;
  gap: 30px;
}
@media (--tablet) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>

<script setup lang="ts">
import { ElPagination } from 'element-plus/es/components/pagination/index.mjs'
import { t } from '@/messages/ui'
import 'element-plus/es/components/pagination/style/css'
import { useScreen } from '@/shared/screen'

/** Turning the pages of a long list; a phone has no room for their numbers beside each other. */
defineProps<{ page: number; pages: number; label: string }>()
const emit = defineEmits<{ turn: [page: number] }>()
const phone = useScreen('phone')
</script>

<template>
  <nav v-if="pages > 1" :aria-label="label">
    <ElPagination
      :layout="phone ? 'prev, slot, next' : 'prev, pager, next'"
      :current-page="page"
      :page-count="pages"
      @current-change="(next: number) => emit('turn', next)"
    >
      <span class="number">{{ t('uiPages.of', { page, pages }) }}</span>
    </ElPagination>
  </nav>
</template>

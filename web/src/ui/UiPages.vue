<script setup lang="ts">
import { ElPagination } from 'element-plus/es/components/pagination/index.mjs'
import 'element-plus/es/components/pagination/style/css'

/** Turning the pages of a long list. */
defineProps<{ page: number; pages: number; label: string }>()
const emit = defineEmits<{ turn: [page: number] }>()
</script>

<template>
  <nav v-if="pages > 1" :aria-label="label">
    <ElPagination
      layout="prev, pager, next"
      :current-page="page"
      :page-count="pages"
      @current-change="(next: number) => emit('turn', next)"
    />
  </nav>
</template>

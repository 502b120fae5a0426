<script setup lang="ts" generic="T extends { id: string; when: string; filled?: boolean }">
import { ElTimeline, ElTimelineItem } from 'element-plus/es/components/timeline/index.mjs'
import 'element-plus/es/components/timeline/style/css'
import 'element-plus/es/components/timeline-item/style/css'

/** What happened when, newest first. */
defineProps<{ label: string; items: readonly T[] }>()
</script>

<template>
  <ElTimeline :aria-label="label">
    <ElTimelineItem
      v-for="item in items"
      :key="item.id"
      :timestamp="item.when"
      placement="top"
      :hollow="!item.filled"
      color="var(--ink)"
    >
      <slot :item="item" />
    </ElTimelineItem>
  </ElTimeline>
</template>

<style scoped>
.el-timeline {
  padding-left: 6px;
}
:deep(.el-timeline-item) {
  padding-bottom: 12px;
}
:deep(.el-timeline-item__tail) {
  border-color: var(--line-2);
}
:deep(.el-timeline-item__timestamp) {
  margin-bottom: 2px;
  padding-top: 0;
  font-size: var(--type-small);
  color: var(--text-2);
}
:deep(.el-timeline-item__content) {
  font-size: var(--type-base);
  color: var(--ink);
}
</style>

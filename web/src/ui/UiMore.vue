<script setup lang="ts">
import { ElCollapse, ElCollapseItem } from 'element-plus/es/components/collapse/index.mjs'
import 'element-plus/es/components/collapse/style/css'
import 'element-plus/es/components/collapse-item/style/css'
import { ref } from 'vue'

/** What stands behind one tap. */
const props = defineProps<{ title: string; open?: boolean }>()
const shown = ref<string[]>(props.open ? ['more'] : [])
</script>

<template>
  <ElCollapse v-model="shown">
    <ElCollapseItem :title="title" name="more">
      <slot />
    </ElCollapseItem>
  </ElCollapse>
</template>

<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { computed, ref } from 'vue'

/** A set time for counting: one press starts it, large digits run down, and its end is said and seen. */
const props = defineProps<{ seconds: number }>()
const startedAt = ref<number | null>(null)
const now = useNow({ interval: 100 })
const left = computed(() =>
  startedAt.value === null
    ? props.seconds
    : Math.max(0, Math.ceil(props.seconds - (now.value.getTime() - startedAt.value) / 1000)),
)
const running = computed(() => startedAt.value !== null && left.value > 0)
const over = computed(() => startedAt.value !== null && left.value === 0)
</script>

<template>
  <div class="countdown" :class="{ over }">
    <span class="left number" role="timer">{{ left }}</span>
    <span class="visually-hidden" role="status">{{ over ? 'Time’s up.' : running ? 'Count.' : '' }}</span>
    <b v-if="over">Stop. How many?</b>
    <b v-else-if="running">Count …</b>
    <VBtn
      v-if="!running"
      size="large"
      :variant="over ? 'text' : 'outlined'"
      color="secondary"
      @click="startedAt = Date.now()"
      >{{ over ? 'Once more' : `Start the ${seconds} s` }}</VBtn
    >
  </div>
</template>

<style scoped>
.countdown {
  display: flex;
  align-items: center;
  gap: 16px;
  border: 2px solid var(--line);
  border-radius: var(--radius);
  padding: 10px 16px;
  font: 500 var(--text-lead) var(--heading);
}

.over {
  background: var(--marigold-wash);
  border-color: var(--marigold);
}

.left {
  font-size: var(--text-hero);
  font-weight: 600;
  min-width: 2ch;
  text-align: right;
}
</style>

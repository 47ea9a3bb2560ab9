<script setup lang="ts">
import { mdiBellOffOutline, mdiBellOutline } from '@mdi/js'
import { useBell } from '~/composables/useBell'

/** Silences the bells of a face, or lets them sound; what is due is said and seen all the same. */
const props = withDefaults(defineProps<{ face: 'board' | 'desk' | 'sheet'; size?: string }>(), {
  size: 'small',
})
const { isMuted, setMuted } = useBell(props.face)
</script>

<template>
  <VBtn
    :icon="isMuted ? mdiBellOffOutline : mdiBellOutline"
    :size="size"
    variant="text"
    :aria-pressed="isMuted"
    :aria-label="isMuted ? 'Bells are silent here. Let them sound' : 'Bells sound here. Silence them'"
    :title="isMuted ? 'Let the bells sound here' : 'Silence the bells here'"
    @click="setMuted(!isMuted)"
  />
</template>

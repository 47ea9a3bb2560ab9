<script setup lang="ts">
import type { Slot } from '#core/entries'

/** What a key asks about a cell of the grid: why its try does not count, a note, or something noticed there. */
defineProps<{
  asked: { what: 'aside' | 'note' | 'noticed'; slot: Slot } | null
  where: string
  note: string
}>()
defineEmits<{ reason: [reason: string]; note: [note: string]; leave: [] }>()
</script>

<template>
  <SetAsideDialog
    :model-value="asked?.what === 'aside'"
    :where="where"
    @update:model-value="$emit('leave')"
    @reason="$emit('reason', $event)"
  />
  <EntryNoteDialog
    :model-value="asked?.what === 'note'"
    :where="where"
    :note="note"
    @update:model-value="$emit('leave')"
    @note="$emit('note', $event)"
  />
  <ObserveDialog
    :model-value="asked?.what === 'noticed'"
    source="desk"
    :group-id="asked?.slot.groupId ?? null"
    :place="asked?.slot"
    @update:model-value="$emit('leave')"
  />
</template>

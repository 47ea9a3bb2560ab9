<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { VueDraggable, type SortableEvent } from 'vue-draggable-plus'
import { wonderLimits, type NoteKind } from '#core/wonder'
import { useDraftText } from '~/composables/useDraftText'
import { useLesson } from '~/stores/lesson'
import { useWonder } from '~/stores/wonder'
import { noteWords } from '~/words/noteWords'

/** One column of the board: typed live or from paper, one line a note; notes are pulled in from the others. */
const props = withDefaults(defineProps<{ kind: NoteKind; large?: boolean }>(), { large: false })
const lesson = useLesson()
const wonder = useWonder()
const typed = useDraftText(() => `${lesson.open.id}|${props.kind}`)
const notes = computed(() => lesson.open.notes.filter((note) => note.kind === props.kind))

function add() {
  const text = typed.value.trim()
  if (!text) return
  typed.value = ''
  void wonder.addNote(props.kind, text)
}

/** A list copied from paper comes in line by line. */
function paste(event: ClipboardEvent) {
  const lines = (event.clipboardData?.getData('text') ?? '')
    .split(/\r?\n/)
    .map((line) => line.replace(/^\s*(?:[-*•]|\d+[.)])\s*/, '').trim())
    .filter(Boolean)
  if (lines.length < 2) return
  event.preventDefault()
  for (const line of lines) void wonder.addNote(props.kind, line.slice(0, wonderLimits.noteLetters))
}

function drop(event: SortableEvent) {
  const note = lesson.open.notes.find((one) => one.id === event.item.dataset.note)
  if (note) void wonder.changeNote(note, { kind: props.kind })
}
</script>

<template>
  <section class="column" :class="{ large }" :aria-label="noteWords[kind].name">
    <h2>
      {{ noteWords[kind].name }} <span class="count number">{{ notes.length || '' }}</span>
    </h2>
    <form class="add" @submit.prevent="add">
      <VTextField
        v-model="typed"
        :label="large ? 'Write here' : noteWords[kind].ask"
        :aria-label="noteWords[kind].ask"
        :maxlength="wonderLimits.noteLetters"
        :append-inner-icon="typed ? mdiPlus : undefined"
        @click:append-inner="add"
        @paste="paste"
      />
    </form>
    <VueDraggable
      :model-value="notes"
      tag="ul"
      group="notes"
      :sort="false"
      :animation="120"
      :force-fallback="true"
      :fallback-tolerance="4"
      filter="button, input, textarea"
      :prevent-on-filter="false"
      class="notes"
      @add="drop"
    >
      <NoteCard v-for="note in notes" :key="note.id" :note="note" :large="large" />
    </VueDraggable>
  </section>
</template>

<style scoped>
.column {
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-height: 0;
  min-width: 0;
}

.count {
  color: var(--ink-soft);
  font-weight: 400;
}

.notes {
  flex: 1;
  min-height: 60px;
  overflow-y: auto;
  margin: 0;
  padding: 3px;
  display: flex;
  flex-direction: column;
  gap: 6px;
  border-radius: var(--radius);
  background: var(--surface-sunk);
}

.large h2 {
  font-size: var(--board-lead);
}

.large .add :deep(input),
.large .add :deep(label) {
  font-size: var(--board-text);
}
</style>

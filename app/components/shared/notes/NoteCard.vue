<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import { withSuggestedNames } from '#core/variables'
import { noteKinds, questionSorts, sortingHint, sortQuestion, type Note, type NoteKind } from '#core/wonder'
import { useLesson } from '~/stores/lesson'
import { useWonder } from '~/stores/wonder'
import { noteWords, sortWords } from '~/words/noteWords'

/** One note: moved by drag or by arrow keys; a guess among the noticed is put up for the class to sort. */
const props = withDefaults(defineProps<{ note: Note; large?: boolean }>(), { large: false })
const lesson = useLesson()
const wonder = useWonder()
const card = ref<{ edit: () => void } | null>(null)
const hint = computed(() => sortingHint(props.note))
const suggested = computed(() => (props.note.sort === null ? sortQuestion(props.note.text) : null))
const chosen = computed(
  () => lesson.plan.question.trim().toLowerCase() === props.note.text.trim().toLowerCase(),
)

const focus = () => document.querySelector<HTMLElement>(`[data-note="${props.note.id}"]`)?.focus()

async function move(to: NoteKind) {
  if (to === props.note.kind) return
  wonder.movedNote = props.note.id
  void wonder.changeNote(props.note, { kind: to })
  await nextTick()
  focus()
}

/** An older state of the lesson that arrives late puts the card back for a moment, which loses the focus. */
onMounted(() => {
  if (wonder.movedNote === props.note.id && document.activeElement === document.body) focus()
})

function leave(event: FocusEvent) {
  if (event.relatedTarget && wonder.movedNote === props.note.id) wonder.movedNote = null
}

function step(by: 1 | -1) {
  const to = noteKinds[noteKinds.indexOf(props.note.kind) + by]
  if (to) void move(to)
}

function choose() {
  lesson.editPlan(
    withSuggestedNames({ ...lesson.plan, question: props.note.text }, lesson.open.school.cupboard),
  )
}
</script>

<template>
  <BoardCard
    ref="card"
    class="note"
    :class="[note.kind, { chosen }]"
    :words="note.text"
    label="The note"
    :maxlength="200"
    :large="large"
    :data-note="note.id"
    :aria-label="`${noteWords[note.kind].name}: ${note.text}`"
    @step="step"
    @take-off="wonder.removeNote(note)"
    @reword="wonder.changeNote(note, { text: $event, settled: false })"
    @keydown.enter.self.prevent="card?.edit()"
    @focusout="leave"
  >
    <template #moves>
      <template v-for="kind in noteKinds" :key="kind">
        <VListItem
          v-if="kind !== note.kind"
          :title="`Move to ${noteWords[kind].name.toLowerCase()}`"
          @click="move(kind)"
        />
      </template>
    </template>
    <template #off>
      <VListItem title="Take it off" @click="wonder.removeNote(note)" />
    </template>
    <div v-if="hint" class="hint" role="note">
      <p>{{ hint }}</p>
      <div class="row">
        <VBtn
          :size="large ? 'x-large' : 'small'"
          variant="outlined"
          @click="wonder.changeNote(note, { settled: true })"
          >We saw it</VBtn
        >
        <VBtn
          :size="large ? 'x-large' : 'small'"
          variant="outlined"
          @click="wonder.changeNote(note, { kind: 'guessed', settled: true })"
          >We guess it</VBtn
        >
      </div>
    </div>
    <div v-if="note.kind === 'asking'" class="foot">
      <VMenu>
        <template #activator="{ props: menu }">
          <button v-bind="menu" type="button" class="sort" :class="note.sort ?? 'open'">
            {{
              note.sort ? sortWords[note.sort] : suggested ? `${sortWords[suggested]}?` : 'how to answer it?'
            }}
          </button>
        </template>
        <VList density="compact">
          <VListItem
            v-for="sort in questionSorts"
            :key="sort"
            :title="sortWords[sort]"
            @click="wonder.changeNote(note, { sort })"
          />
        </VList>
      </VMenu>
      <span v-if="chosen" class="ours">our question</span>
      <VBtn
        v-else-if="note.sort !== 'unanswerable'"
        :size="large ? 'x-large' : 'small'"
        variant="text"
        color="primary"
        @click="choose"
        >Choose</VBtn
      >
    </div>
  </BoardCard>
</template>

<style scoped>
.note {
  border: 1px solid var(--line);
  border-left: 5px solid var(--line);
}

.note.noticed {
  border-left-color: var(--teal);
}

.note.guessed {
  border-left: 5px dashed var(--marigold);
}

.note.asking {
  border-left: 5px double var(--ink);
}

.note.chosen {
  background: var(--teal-wash);
}

.hint {
  margin: 6px 6px 0 0;
  padding: 6px 8px;
  background: var(--marigold-wash);
  border-radius: 6px;
  font-size: var(--text-small);
  line-height: 1.3;
  display: flex;
  flex-direction: column;
  gap: 6px;
}

.large .hint {
  font-size: var(--board-text);
}

.row {
  gap: 6px;
}

.foot {
  display: flex;
  align-items: center;
  gap: 8px;
  margin-top: 4px;
  flex-wrap: wrap;
}

.sort {
  font: 500 var(--text-caption) var(--heading);
  color: var(--ink);
  border: 1px solid var(--ink-soft);
  border-radius: 999px;
  padding: 1px 9px;
  background: var(--surface);
}

.sort.open {
  border-style: dashed;
}

.sort.test {
  background: var(--teal);
  border-color: var(--teal);
  color: #fff;
}

.large .sort,
.large :deep(.v-btn--size-x-large) {
  font-size: var(--board-text);
  padding: 4px 16px;
}

.large .sort {
  border-radius: 14px;
}

.ours {
  font: 600 var(--text-caption) var(--heading);
  color: var(--teal);
}

.large .ours {
  font-size: var(--board-text);
}
</style>

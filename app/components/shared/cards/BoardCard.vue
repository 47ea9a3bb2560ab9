<script setup lang="ts">
import { nextTick, ref } from 'vue'

/** A card of a board: moved by drag, arrow keys or its menu; its words are changed where they stand. */
const props = defineProps<{
  words: string
  /** What its field of words is called. */
  label: string
  maxlength: number
  large: boolean
}>()
const emit = defineEmits<{ step: [by: 1 | -1]; takeOff: []; reword: [words: string] }>()
const card = ref<HTMLElement | null>(null)
const field = ref<{ focus: () => void } | null>(null)
const draft = ref<string | null>(null)

async function edit() {
  draft.value = props.words
  await nextTick()
  field.value?.focus()
}
defineExpose({ edit })

/** The field closes by Enter and by leaving it, which may both happen. */
function keep() {
  const words = draft.value?.trim()
  draft.value = null
  if (words && words !== props.words) emit('reword', words)
}

function leave() {
  draft.value = null
  card.value?.focus()
}
</script>

<template>
  <li
    ref="card"
    class="board-card"
    :class="{ large }"
    tabindex="0"
    @keydown.left.self.prevent="emit('step', -1)"
    @keydown.right.self.prevent="emit('step', 1)"
    @keydown.delete.self.prevent="emit('takeOff')"
  >
    <div class="top">
      <VTextarea
        v-if="draft !== null"
        ref="field"
        v-model="draft"
        :maxlength="maxlength"
        :rows="1"
        :label="label"
        @keydown.enter.prevent="(keep(), leave())"
        @keydown.esc="leave"
        @blur="keep"
      />
      <p v-else class="words"><MarkedText v-if="words" :text="words" /><template v-else>…</template></p>
      <DotsMenu :label="`More for ${words}`" :size="large ? 'default' : 'x-small'">
        <slot name="moves" />
        <VListItem title="Change the words" @click="edit" />
        <slot name="off" />
      </DotsMenu>
    </div>
    <slot />
  </li>
</template>

<style scoped>
.board-card {
  list-style: none;
  background: var(--surface);
  border-radius: 8px;
  padding: 5px 3px 5px 10px;
  cursor: grab;
}

.top {
  display: flex;
  align-items: flex-start;
  gap: 4px;
}

/* One line stands beside the dots, several begin there. */
.words {
  flex: 1;
  align-self: center;
  line-height: 1.3;
  overflow-wrap: anywhere;
}

.large .words {
  font-size: var(--board-text);
}
</style>

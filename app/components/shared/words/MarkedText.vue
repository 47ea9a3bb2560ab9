<script setup lang="ts">
import { computed } from 'vue'
import { findWords } from '#core/scienceWords'
import { useScienceWords } from '~/composables/useScienceWords'

/** What children wrote, with the lesson's words of science quietly marked. */
const props = defineProps<{ text: string }>()
const { words, names } = useScienceWords()
const meanings = computed(() => new Map(words.value.map(({ word, meaning }) => [word.trim(), meaning])))
const pieces = computed(() => {
  let end = 0
  const found = findWords(props.text, names.value).flatMap((one) => {
    const before = { text: props.text.slice(end, one.at), word: '' }
    end = one.end
    return [before, { text: props.text.slice(one.at, one.end), word: one.word }]
  })
  return [...found, { text: props.text.slice(end), word: '' }]
})
</script>

<template>
  <template v-for="(piece, index) in pieces" :key="index"
    ><mark v-if="piece.word" :title="meanings.get(piece.word)">{{ piece.text }}</mark
    ><template v-else>{{ piece.text }}</template></template
  >
</template>

<style scoped>
mark {
  color: inherit;
  background: var(--teal-wash);
  border-radius: 3px;
  box-shadow: 0 0 0 1px var(--teal-wash);
}

@media print {
  mark {
    background: none;
    box-shadow: none;
    font-weight: 600;
  }
}
</style>

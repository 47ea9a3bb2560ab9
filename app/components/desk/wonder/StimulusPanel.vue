<script setup lang="ts">
import { ref, watch } from 'vue'
import { wonderLimits } from '#core/wonder'
import { useLesson } from '~/stores/lesson'
import { useWonder } from '~/stores/wonder'

/** What we look at: a photo, a sketch, or a few words. */
const lesson = useLesson()
const wonder = useWonder()
const text = ref(lesson.open.stimulus.text)
const editing = ref(false)
watch(
  () => lesson.open.stimulus.text,
  (now) => {
    if (!editing.value) text.value = now
  },
)

function keep() {
  editing.value = false
  if (text.value.trim() !== lesson.open.stimulus.text)
    void wonder.setStimulus({ ...lesson.open.stimulus, text: text.value.trim() })
}
</script>

<template>
  <section class="stimulus" aria-label="What we look at">
    <h2>We look at</h2>
    <img
      v-if="lesson.open.stimulus.picture"
      :src="`/api/pictures/${lesson.open.stimulus.picture}`"
      alt="What the class looks at"
    />
    <VTextarea
      v-model="text"
      label="A thing, a happening, a riddle"
      :rows="3"
      class="words"
      :maxlength="wonderLimits.stimulusLetters"
      @focus="editing = true"
      @blur="keep"
    />
    <PictureMenu
      :model-value="lesson.open.stimulus.picture"
      :label="lesson.open.stimulus.picture ? 'Another picture' : 'Add a photo or sketch'"
      of="what we look at"
      @update:model-value="wonder.setStimulus({ ...lesson.open.stimulus, picture: $event })"
    />
  </section>
</template>

<style scoped>
.stimulus {
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-height: 0;
  overflow-y: auto;
}

.words {
  flex: none;
}

img {
  width: 100%;
  max-height: 210px;
  object-fit: contain;
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
</style>

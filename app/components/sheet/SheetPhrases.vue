<script setup lang="ts">
import { computed } from 'vue'
import { reviewLimits, type Phrase } from '#core/review'
import { useLesson } from '~/stores/lesson'
import { phrasePictures } from '~/words/phrasePictures'

/** Something to say to another group: chosen in one press, as pictures for the youngest, or in own words. */
const text = defineModel<string>({ required: true })
const props = defineProps<{ label: string; phrases: readonly Phrase[] }>()
const store = useLesson()
const asPictures = computed(() => store.open.class.ageBand === '5-7')
const isChosen = (one: Phrase) => text.value.trim() === one.words
const own = computed(() => text.value.trim() !== '' && !props.phrases.some(isChosen))
const choose = (one: Phrase) => (text.value = isChosen(one) ? '' : one.words)
</script>

<template>
  <fieldset>
    <legend>{{ label }}</legend>
    <div class="phrases" :class="{ pictures: asPictures }">
      <button
        v-for="one in phrases"
        :key="one.id"
        type="button"
        class="choice"
        :aria-pressed="isChosen(one)"
        @click="choose(one)"
      >
        <VIcon v-if="asPictures" :icon="phrasePictures[one.id]" size="40" color="primary" />
        {{ one.words }}
      </button>
    </div>
    <VTextarea
      v-model="text"
      :label="own ? 'Our own words' : 'or in our own words'"
      :maxlength="reviewLimits.letters"
      :rows="1"
      auto-grow
      :max-rows="4"
      hide-details
    />
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 10px;
}

legend {
  font: 600 var(--text-lead) var(--heading);
  margin-bottom: 8px;
}

.phrases {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.phrases .choice {
  font-size: var(--text-body);
  min-height: 44px;
  padding: 6px 12px;
}

.phrases.pictures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(124px, 1fr));
}

.pictures .choice {
  flex-direction: column;
  justify-content: center;
  text-align: center;
  gap: 6px;
  min-height: 110px;
}
</style>

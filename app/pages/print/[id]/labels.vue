<script setup lang="ts">
import { computed, ref } from 'vue'
import { containerLabels, type LabelStyle } from '#core/kit'
import { paperDay } from '~/words/dates'
import { usePrintLesson } from '~/composables/usePrintLesson'

const { store, ready } = usePrintLesson()
const style = ref<LabelStyle>('levels')
const styles: { value: LabelStyle; name: string }[] = [
  { value: 'levels', name: 'Levels' },
  { value: 'letters', name: 'A, B, C' },
  { value: 'numbers', name: '1, 2, 3' },
]
/** Eight rows of three fit on a page of A4 and of Letter. */
const perPage = 24
const made = computed(() => containerLabels(store.plan, store.groups.length, style.value))
const pages = computed(() =>
  made.value.labels.flatMap((_, index) =>
    index % perPage === 0 ? [made.value.labels.slice(index, index + perPage)] : [],
  ),
)
useHead({ title: () => (ready.value ? `Labels ${store.plan.title}` : 'Labels') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Labels for containers">
        <VBtnToggle v-model="style" mandatory color="secondary" density="compact" variant="outlined" divided>
          <VBtn v-for="one in styles" :key="one.value" :value="one.value" size="small">{{ one.name }}</VBtn>
        </VBtnToggle>
      </PrintBar>
      <section v-for="(page, index) in pages" :key="index" class="paper print-page sheet">
        <article v-for="label in page" :key="`${label.groupIndex}-${label.levelId}`">
          <GroupEmblem
            :emblem="store.testers[label.groupIndex]!.emblem"
            :size="30"
            :name="store.testers[label.groupIndex]!.name"
          />
          <b :class="{ sign: made.key.length > 0 }">{{ label.text }}</b>
          <small>{{ store.testers[label.groupIndex]!.name }}</small>
        </article>
      </section>
      <section v-if="made.key.length" class="paper print-page">
        <h2>What the signs stand for (the teacher keeps this)</h2>
        <p>{{ store.plan.title }}, {{ store.open.class.name }}, {{ paperDay(store.open.date) }}</p>
        <ul>
          <li v-for="one in made.key" :key="one.text">
            <b>{{ one.text }}</b> {{ one.level }}
          </li>
        </ul>
      </section>
      <p v-if="made.labels.length === 0" class="none">
        The plan has no levels yet, so there is nothing to label.
      </p>
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  grid-auto-rows: 29mm;
  padding: 4mm;
}

article {
  border: 1px dashed #777;
  display: grid;
  grid-template-columns: auto 1fr;
  grid-template-rows: 1fr auto;
  align-items: center;
  gap: 0 3mm;
  padding: 2mm 4mm;
}

article b {
  font: 600 17px/1.15 var(--heading);
  overflow-wrap: anywhere;
}

article .sign {
  font-size: 40px;
}

article small {
  grid-column: 1 / -1;
  font-size: 12px;
}

.none {
  padding: 40px;
}

li {
  font-size: 18px;
  line-height: 1.7;
}
</style>

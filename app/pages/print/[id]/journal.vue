<script setup lang="ts">
import { computed } from 'vue'
import { arranged } from '#core/report'
import { useAnswerKey } from '~/composables/useAnswerKey'
import { useLessonPaper } from '~/composables/useLessonPaper'

/** Pages for the exercise books: what a group or a child predicted, read and saw, and what the class found. */
const paper = useLessonPaper('journal')
const { store, ready, settings, all, ofGroup } = paper
const key = useAnswerKey(paper)
/** A page for each group, or for each of its children, who write their own names. */
const pages = computed(() =>
  store.groups.flatMap((group, groupIndex) => {
    const children = settings.value.whose === 'child' ? (store.open.class.byGroup[groupIndex] ?? 0) : 0
    const seats = children === 0 ? [0] : Array.from({ length: children }, (_, index) => index + 1)
    return seats.map((seat) => ({
      group,
      seat,
      parts: arranged(ofGroup(groupIndex, seat), settings.value),
    }))
  }),
)
const whose = [
  { title: 'A page for each group', value: 'group' },
  { title: 'A page for each child', value: 'child' },
]
useHead({ title: () => (ready.value ? `Journal pages ${store.plan.title}` : 'Journal pages') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Journal pages">
        <VSelect
          v-model="settings.whose"
          :items="whose"
          label="For whom"
          density="compact"
          hide-details
          class="whose"
        />
        <ChoosePaper v-model="settings" :all="all" sums chart />
      </PrintBar>
      <JournalPage
        v-for="page in pages"
        :key="`${page.group.id}|${page.seat}`"
        :group="page.group"
        :seat="page.seat"
        :parts="page.parts"
      />
      <KeyPage v-if="key.length > 0" :parts="key" />
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>

<style scoped>
.whose {
  flex: 0 0 250px;
}
</style>

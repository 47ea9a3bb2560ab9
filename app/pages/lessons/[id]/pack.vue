<script setup lang="ts">
import { mdiCellphone, mdiPrinterOutline } from '@mdi/js'
import { computed, ref } from 'vue'
import { dayWords } from '~/words/dates'
import { isDoneForAll } from '#core/lesson'
import { useLesson } from '~/stores/lesson'
import { usePack } from '~/stores/pack'

const store = useLesson()
const pack = usePack()
if (store.open.stage === 'plan') void store.setStage('pack')

const views = [
  { id: 'trays', name: 'Trays' },
  { id: 'before', name: 'Get ready' },
  { id: 'steps', name: 'Steps' },
  { id: 'back', name: 'Count back' },
] as const
const view = ref<(typeof views)[number]['id']>('trays')
/** What to do on which day, in a line above the trays. */
const dated = computed(() => {
  const days = new Map<string, string[]>()
  for (const { day, what } of pack.tasks) {
    const key = day === null ? 'no school day' : dayWords(day)
    days.set(key, [...(days.get(key) ?? []), what])
  }
  return [...days].map(([day, whats]) => ({ day, what: whats.join(', ') }))
})
const prints = computed(() => [
  { title: 'Tray cards', href: `/print/${store.open.id}/trays` },
  { title: 'Labels for containers', href: `/print/${store.open.id}/labels` },
  { title: 'Recording sheets', href: `/print/${store.open.id}/sheets` },
  { title: 'Run sheet for a cover teacher', href: `/print/${store.open.id}/run` },
  { title: 'Cutting, mixing, days, shopping', href: `/print/${store.open.id}/ready` },
])
</script>

<template>
  <div class="stack pack">
    <div class="spread">
      <h1 class="stage-title">
        Kit for
        {{ isDoneForAll(store.plan) ? 'one test at the front' : `${store.groups.length} groups`
        }}<template v-if="store.open.class.children">, {{ store.open.class.children }} children</template>
      </h1>
      <div class="row">
        <VBtnToggle v-model="view" mandatory color="secondary" density="compact" variant="outlined" divided>
          <VBtn v-for="one in views" :key="one.id" :value="one.id" size="small">{{ one.name }}</VBtn>
        </VBtnToggle>
        <VBtn
          :prepend-icon="mdiCellphone"
          variant="outlined"
          color="primary"
          size="small"
          :href="`/packing/${store.open.id}`"
          target="_blank"
          >Pack by phone</VBtn
        >
        <VMenu>
          <template #activator="{ props: menu }">
            <VBtn v-bind="menu" :prepend-icon="mdiPrinterOutline" color="primary" size="small">Print</VBtn>
          </template>
          <VList density="compact">
            <VListItem
              v-for="one in prints"
              :key="one.href"
              :title="one.title"
              :href="one.href"
              target="_blank"
            />
          </VList>
        </VMenu>
      </div>
    </div>
    <template v-if="view === 'trays'">
      <p v-if="dated.length" class="dated">
        <b>Before:</b>
        <span v-for="one in dated" :key="one.day"
          ><b>{{ one.day }}</b> {{ one.what }}</span
        >
        <VBtn size="x-small" variant="text" color="primary" @click="view = 'before'">How</VBtn>
      </p>
      <section class="panel stack"><PackTable /></section>
    </template>
    <template v-else-if="view === 'before'">
      <div class="ready">
        <section class="panel stack">
          <h2>Cut and mix</h2>
          <MadeThings />
        </section>
        <section class="panel"><DatedList /></section>
      </div>
      <section class="panel"><ShoppingList :lines="pack.shopping" /></section>
    </template>
    <div v-else-if="view === 'steps'" class="two-columns">
      <section class="panel stack">
        <h2>What a group does</h2>
        <StepsEditor />
      </section>
      <section class="panel stack">
        <h2>Care</h2>
        <AddedCare />
      </section>
    </div>
    <section v-else class="panel"><CountBack /></section>
    <section
      v-if="view === 'trays' && pack.lines.some((line) => line.material.per === 'turns')"
      class="panel"
    >
      <TurnsTable />
    </section>
  </div>
</template>

<style scoped>
.dated {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 14px;
  font-size: var(--text-body-small);
}

.ready {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
  gap: 16px;
  align-items: start;
}

@media (max-width: 1000px) {
  .ready {
    grid-template-columns: 1fr;
  }
}
</style>

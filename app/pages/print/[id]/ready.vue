<script setup lang="ts">
import { computed } from 'vue'
import { amountOf } from '#core/kit'
import { paperDay } from '~/words/dates'
import { usePrintPack } from '~/composables/usePrintPack'

/** For whoever gets things ready: what to do on which day, what to cut and mix, what to fetch and buy. */
const { store, pack, ready } = usePrintPack()
const where = computed(
  () =>
    new Map(
      pack.availability.flatMap((one) =>
        one.need.materialIds.map((id) => [id, one.supply?.shelf ?? ''] as const),
      ),
    ),
)
useHead({ title: () => (ready.value ? `Getting ready ${store.plan.title}` : 'Getting ready') })
</script>

<template>
  <VMain>
    <template v-if="ready">
      <PrintBar title="Getting ready" />
      <section class="paper print-page stack">
        <header>
          <h2>{{ store.plan.title }}</h2>
          <p>
            {{ store.open.class.name }}, {{ paperDay(store.open.date) }}, {{ store.groups.length }} groups
          </p>
        </header>
        <h3>On which day</h3>
        <ul class="days">
          <li v-for="task in pack.tasks" :key="task.id">
            <span class="tick" /><b>{{ task.day ? paperDay(task.day) : 'no school day' }}</b> {{ task.what }}
            <small v-if="task.note">{{ task.note }}</small>
          </li>
          <li v-if="pack.tasks.length === 0">There is nothing to do before the lesson.</li>
        </ul>
        <template v-if="pack.made.some(Boolean)">
          <h3>Cut and mix</h3>
          <MadeThings />
        </template>
        <h3>Fetch</h3>
        <ul class="fetch">
          <li v-for="line in pack.lines" :key="line.material.id">
            <span class="tick" />{{ amountOf(line.total, line.material.unit, line.material.name) }}
            <small v-if="where.get(line.material.id)">{{ where.get(line.material.id) }}</small>
          </li>
        </ul>
        <ShoppingList :lines="pack.shopping" />
      </section>
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>

<style scoped>
header {
  border-bottom: 1.5px solid #000;
  padding-bottom: 2mm;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  padding: 1mm 0;
}

.fetch {
  columns: 2;
}

.tick {
  display: inline-block;
  width: 14px;
  height: 14px;
  border: 1.5px solid #000;
  border-radius: 3px;
  margin-right: 8px;
  vertical-align: -2px;
}
</style>

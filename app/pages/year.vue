<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { computed, onMounted, ref, shallowRef } from 'vue'
import type { YearsDto } from '#shared/types/year'
import { request } from '~/api/request'
import { useYearTable, type YearLine } from '~/composables/useYearTable'
import { useNotices } from '~/stores/notices'

/** A year at a glance: what each class has met, for whoever looks after the subject. */
const notices = useNotices()
const years = shallowRef<YearsDto | null>(null)
const chosen = ref<string | null>(null)
const { names, year, lessons, classes, lines } = useYearTable(years, chosen)
onMounted(() => notices.attempt(async () => (years.value = await request('GET', '/api/years'))))

const parts: { kind: YearLine['kind']; name: string }[] = [
  { kind: 'skill', name: 'What children did' },
  { kind: 'way', name: 'Ways of recording' },
  { kind: 'instrument', name: 'Instruments' },
]
/** Titles stand in the cells while there is room for them. */
const hasTitles = computed(() => classes.value.length <= 4)
const print = () => window.print()
useHead({
  title: 'The year at a glance · Jolly Beaker',
  style: [{ innerHTML: '@page { size: landscape; margin: 12mm; }' }],
})
</script>

<template>
  <VMain>
    <SchoolBar />
    <div class="page stack">
      <div class="spread">
        <h1>{{ year ? `The year at a glance, ${year}` : 'The year at a glance' }}</h1>
        <div class="row no-print">
          <VSelect
            v-if="names.length > 1"
            :model-value="year"
            :items="names"
            label="School year"
            hide-details
            class="years"
            @update:model-value="chosen = $event"
          />
          <VBtn color="primary" :prepend-icon="mdiPrinterOutline" @click="print">Print</VBtn>
        </div>
      </div>
      <p v-if="years && lessons.length === 0" class="panel">
        No lesson has readings yet. What your classes have met appears here once they test something.
        <NuxtLink to="/">Start a lesson</NuxtLink>.
      </p>
      <template v-else-if="years">
        <p class="soft">
          What the records show of
          {{ lessons.length === 1 ? 'one lesson' : `${lessons.length} lessons` }} that
          {{ lessons.length === 1 ? 'was' : 'were' }} tested{{
            years.isWholeSchool ? ', in all classes of the school' : ''
          }}. What a class did without writing it down isn’t here.
        </p>
        <div class="scroll panel">
          <table>
            <thead>
              <tr>
                <td />
                <th v-for="one in classes" :key="one.id" scope="col">{{ one.name }}</th>
              </tr>
            </thead>
            <tbody v-for="part in parts" :key="part.kind">
              <tr>
                <th :colspan="classes.length + 1" scope="rowgroup" class="part">{{ part.name }}</th>
              </tr>
              <tr v-for="line in lines.filter(({ kind }) => kind === part.kind)" :key="line.id">
                <th scope="row">{{ line.name }}</th>
                <td v-for="cell in line.cells" :key="cell.classId">
                  <span v-if="cell.lessons.length === 0" class="soft">–</span>
                  <b v-else class="number">{{ cell.lessons.length }}</b>
                  <span v-if="hasTitles" class="small">{{
                    cell.lessons.map(({ title }) => title).join(', ')
                  }}</span>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
      </template>
    </div>
  </VMain>
</template>

<style scoped>
.page {
  max-width: 1280px;
  margin: 0 auto;
  padding: 18px clamp(12px, 3vw, 28px) 40px;
}

.years {
  min-width: 150px;
}

.scroll {
  overflow-x: auto;
}

table {
  border-collapse: collapse;
  width: 100%;
}

th {
  text-align: left;
  font-weight: 500;
}

thead th,
.part {
  font: 600 var(--text-lead) var(--heading);
}

.part {
  padding-top: 14px;
}

th,
td {
  padding: 5px 12px 5px 0;
  vertical-align: top;
  border-bottom: 1px solid var(--line);
}

td .number {
  margin-right: 8px;
}

tr {
  break-inside: avoid;
}
</style>

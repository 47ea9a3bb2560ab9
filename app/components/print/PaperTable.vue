<script setup lang="ts">
import type { PaperTable } from '#core/report'

/** A table on paper; an empty cell is to be written in. */
defineProps<{ table: PaperTable }>()
/** Columns whose heads stand beside each other; the heads of more stand upright. */
const mostAcross = 9
</script>

<template>
  <table :class="{ many: table.head.length > mostAcross }">
    <caption>
      {{
        table.caption
      }}
    </caption>
    <thead>
      <tr>
        <th v-for="(cell, place) in table.head" :key="place" scope="col">{{ cell }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(row, index) in table.rows" :key="index">
        <component
          :is="place === 0 ? 'th' : 'td'"
          v-for="(cell, place) in row"
          :key="place"
          :class="{ write: cell === '' }"
          >{{ cell }}</component
        >
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
}

table + table {
  margin-top: 2mm;
}

caption {
  text-align: left;
  font-size: var(--text-small);
}

th,
td {
  border: 1px solid #000;
  padding: 1mm 2mm;
  text-align: left;
  font-size: var(--text-small);
}

/* What was read is never broken; a name of any length is, rather than leave the paper. */
th {
  overflow-wrap: anywhere;
  min-width: 11mm;
}

tbody th {
  min-width: 24mm;
}

td {
  overflow-wrap: break-word;
}

.many thead th + th {
  writing-mode: vertical-rl;
  min-width: 0;
  max-height: 45mm;
  vertical-align: top;
}

.many td {
  padding-inline: 1mm;
  font-size: 0.72em;
}

.many tbody th {
  min-width: 18mm;
}

td.write {
  height: 9mm;
  min-width: 16mm;
}
</style>

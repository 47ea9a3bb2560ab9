<script setup lang="ts">
import { computed } from 'vue'
import { amountWords, totalCost, type ShoppingLine } from '#core/kit'

/** What to buy, in whole packs. */
const props = defineProps<{ lines: readonly ShoppingLine[] }>()
const cost = computed(() => totalCost(props.lines))
const money = (amount: number) => amount.toFixed(2)
</script>

<template>
  <section class="stack" aria-label="To buy">
    <h2>To buy</h2>
    <p v-if="lines.length === 0" class="soft">
      There’s enough of everything that the store cupboard lists or the shop sells.
    </p>
    <table v-else>
      <tbody>
        <tr v-for="line in lines" :key="line.name + line.unit">
          <th scope="row">{{ line.name }}</th>
          <td>
            {{ amountWords(line.missing, line.unit) }} missing:
            {{
              line.packSize === 1
                ? `buy ${line.packs}`
                : `${line.packs} ${line.packs === 1 ? 'pack' : 'packs'} of ${amountWords(line.packSize, line.unit)}`
            }}
          </td>
          <td class="number">{{ line.cost === null ? 'price not known' : money(line.cost) }}</td>
        </tr>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">Together</th>
          <td class="soft">{{ cost.unknown ? `${cost.unknown} without a price` : '' }}</td>
          <td class="number">{{ money(cost.known) }}</td>
        </tr>
      </tfoot>
    </table>
  </section>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
}

th {
  text-align: left;
  font-weight: 700;
}

th,
td {
  padding: 3px 8px 3px 0;
  border-top: 1px solid var(--line);
}

.number {
  text-align: right;
}
</style>

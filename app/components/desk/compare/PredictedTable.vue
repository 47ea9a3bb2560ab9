<script setup lang="ts">
import { computed } from 'vue'
import { resolutionOf } from '#core/instrument'
import { printNumber, printReading } from '#core/quantity'
import { usePredictedNumbers } from '~/composables/usePredictedNumbers'

/** Predicted, read, and how far apart: the twin of the number line. */
const { lines, plan, caption } = usePredictedNumbers()
const mark = computed(() => resolutionOf(plan.value).mark)
const print = (value: number) => printNumber(value, mark.value, 1, plan.value.measured.unit)
const said = (apart: number) =>
  apart === 0 ? 'the same' : `${print(Math.abs(apart))} ${apart > 0 ? 'more' : 'less'}`
</script>

<template>
  <table class="results">
    <caption>
      {{
        caption
      }}: ring predicted, sign read
    </caption>
    <thead>
      <tr>
        <th scope="col" />
        <th scope="col" class="n">predicted</th>
        <th scope="col" class="n">each try</th>
        <th scope="col" class="n">found</th>
        <th scope="col" class="n">than predicted</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="line in lines" :key="`${line.groupId}|${line.seat}`">
        <th scope="row">
          <GroupEmblem v-if="line.group" :emblem="line.group.emblem" named :name="line.name" :size="18" />
          <template v-else>{{ line.name }}</template>
        </th>
        <td class="n number">{{ printReading(line.predicted, mark, plan.measured.unit) }}</td>
        <td class="n number">{{ line.tries.map(print).join('  ') || '–' }}</td>
        <td class="n number">
          <b>{{ line.found === null ? '–' : print(line.found) }}</b>
        </td>
        <td class="n number">{{ line.apart === null ? '–' : said(line.apart) }}</td>
      </tr>
    </tbody>
  </table>
</template>

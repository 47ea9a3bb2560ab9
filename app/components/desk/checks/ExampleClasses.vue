<script setup lang="ts">
import { computed } from 'vue'
import type { ExampleClass } from '#core/rehearsal'

/** Twelve rehearsed classes as tiny rows of dots: right ones in ink, wrong ones in coral, hidden ones hollow. */
const props = defineProps<{ examples: ExampleClass[] }>()
const words = { right: 'saw it', wrong: 'saw the wrong thing', open: 'could not tell' }
const scale = computed(() => {
  const all = props.examples.flatMap((one) => one.results)
  return { least: Math.min(...all), span: Math.max(...all) - Math.min(...all) || 1 }
})
const y = (value: number) => 20 - (16 * (value - scale.value.least)) / scale.value.span
const x = (index: number, count: number) => 5 + (index * 40) / Math.max(1, count - 1)
const counted = computed(() =>
  ['right', 'wrong', 'open']
    .map(
      (outcome) =>
        `${props.examples.filter((one) => one.outcome === outcome).length} ${words[outcome as keyof typeof words]}`,
    )
    .join(', '),
)
</script>

<template>
  <div class="classes" role="img" :aria-label="`Twelve rehearsed classes: ${counted}`">
    <svg
      v-for="(one, place) in examples"
      :key="place"
      width="50"
      height="24"
      viewBox="0 0 50 24"
      :class="one.outcome"
    >
      <circle
        v-for="(value, index) in one.results"
        :key="index"
        :cx="x(index, one.results.length)"
        :cy="y(value)"
        r="2.6"
      />
    </svg>
  </div>
</template>

<style scoped>
.classes {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 4px;
}

svg {
  border: 1px solid var(--line);
  border-radius: 5px;
  background: var(--surface);
}

.right circle {
  fill: var(--ink);
}

.wrong {
  border-color: var(--coral);
}

.wrong circle {
  fill: var(--coral);
}

.open {
  border-style: dashed;
}

.open circle {
  fill: none;
  stroke: var(--ink-soft);
}
</style>

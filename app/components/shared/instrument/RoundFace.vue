<script setup lang="ts">
/** What a round face shows: its marks, their numbers, the digits beneath, and its hand. To be put into a drawing. */
interface Point {
  x: number
  y: number
}

defineProps<{
  middle: Point
  marks: readonly { value: number; from: Point; to: Point; width: number }[]
  numbers: readonly { value: number; at: Point }[]
  numberSize: number
  digits: { text: string; y: number; size: number }
  /** Where the hand ends; null where nothing is shown. */
  hand: Point | null
  hub: number
}>()
</script>

<template>
  <g stroke="var(--ink)">
    <line
      v-for="mark in marks"
      :key="mark.value"
      :x1="mark.from.x"
      :y1="mark.from.y"
      :x2="mark.to.x"
      :y2="mark.to.y"
      :stroke-width="mark.width"
    />
  </g>
  <g
    :font-size="numberSize"
    text-anchor="middle"
    dominant-baseline="central"
    fill="var(--ink)"
    class="number"
  >
    <text v-for="number in numbers" :key="number.value" :x="number.at.x" :y="number.at.y">
      {{ number.value }}
    </text>
    <text :x="middle.x" :y="digits.y" :font-size="digits.size" font-weight="600">{{ digits.text }}</text>
  </g>
  <line
    v-if="hand"
    :x1="middle.x"
    :y1="middle.y"
    :x2="hand.x"
    :y2="hand.y"
    stroke="var(--coral)"
    stroke-width="3"
    stroke-linecap="round"
  />
  <circle :cx="middle.x" :cy="middle.y" :r="hub" fill="var(--ink)" />
</template>

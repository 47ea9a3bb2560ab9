<script setup lang="ts">
import { computed } from 'vue'
import type { CutPiece, Size } from '#core/kit'

/** A full sheet, or what is cut from a roll, with its pieces, to scale; something long is shown as far as its first few pieces. */
const props = defineProps<{
  /** `mark` where pieces of several sizes share a sheet: which of them this is. */
  layout: (CutPiece & { mark?: string })[]
  sheet: Size
  /** Null where they are not all of one size. */
  piece: Size | null
  round: boolean
  /** What is said below beside the sizes. */
  note: string
}>()
const longest = 1.6
const shown = computed<Size>(() => {
  const end = Math.max(...props.layout.slice(0, 4).map((one) => one.y + one.height))
  return props.sheet.height > props.sheet.width * 4
    ? {
        width: props.sheet.width,
        height: Math.min(props.sheet.height, Math.max(end, props.sheet.width * longest)),
      }
    : props.sheet
})
const broken = computed(() => shown.value.height < props.sheet.height)
const pieces = computed(() => props.layout.filter((one) => one.y + one.height <= shown.value.height + 0.01))
const size = computed(() =>
  !props.piece
    ? 'of several sizes'
    : props.round
      ? `${props.piece.width} cm across`
      : `${props.piece.width} x ${props.piece.height} cm`,
)
/** The first piece says how large it is; where sizes differ, each says what it is. */
function label(one: CutPiece & { mark?: string }, index: number): string {
  const [width, height] = [one.width * scale.value, one.height * scale.value]
  if (one.mark !== undefined) return width > 9 && height > 11 ? one.mark : ''
  if (index > 0 || width <= 34 || height <= 22) return ''
  return props.round ? String(one.width) : `${one.width} x ${one.height}`
}
/** The drawing fits a box of 150 by 170; one of its centimetres on the screen is about 38 points. */
const scale = computed(() => Math.min(150 / shown.value.width, 170 / shown.value.height))
const ratio = computed(() => Math.max(1, Math.round(37.8 / scale.value)))
</script>

<template>
  <figure>
    <svg
      :width="shown.width * scale + 2"
      :height="shown.height * scale + 2"
      :viewBox="`-1 -1 ${shown.width * scale + 2} ${shown.height * scale + 2}`"
      role="img"
      :aria-label="`${layout.length} pieces, ${size}, on ${sheet.width} by ${sheet.height} centimetres`"
    >
      <rect :width="shown.width * scale" :height="shown.height * scale" class="sheet" />
      <g v-for="(one, index) in pieces" :key="index">
        <circle
          v-if="round"
          :cx="(one.x + one.width / 2) * scale"
          :cy="(one.y + one.width / 2) * scale"
          :r="(one.width / 2) * scale"
          class="piece"
        />
        <rect
          v-else
          :x="one.x * scale"
          :y="one.y * scale"
          :width="one.width * scale"
          :height="one.height * scale"
          class="piece"
        />
        <text
          v-if="label(one, index)"
          :x="(one.x + one.width / 2) * scale"
          :y="(one.y + one.height / 2) * scale + 4"
        >
          {{ label(one, index) }}
        </text>
      </g>
      <path
        v-if="broken"
        class="broken"
        :d="`M0 ${shown.height * scale} l ${(shown.width * scale) / 6} -5 l ${(shown.width * scale) / 6} 5 l ${(shown.width * scale) / 6} -5 l ${(shown.width * scale) / 6} 5 l ${(shown.width * scale) / 6} -5 l ${(shown.width * scale) / 6} 5`"
      />
    </svg>
    <figcaption class="small">
      {{ sheet.width }} x {{ sheet.height }} cm, drawn 1 : {{ ratio }}<br />
      pieces {{ size }}; {{ note }}
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

.sheet {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 1.2;
}

.piece {
  fill: var(--teal-wash);
  stroke: var(--teal);
  stroke-width: 1;
}

.broken {
  fill: none;
  stroke: var(--ink);
}

text {
  font: 500 11px var(--heading);
  text-anchor: middle;
  fill: var(--ink);
}

@media print {
  .piece {
    fill: none;
    stroke: #000;
  }
}
</style>

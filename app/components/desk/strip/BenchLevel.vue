<script setup lang="ts">
import { computed, ref } from 'vue'
import { defined } from '#core/defined'
import type { Dimension } from '#core/quantity'

/** One level on the bench: drawn as what it is, with what it says beneath; a number can be pulled to another value. */
const props = withDefaults(
  defineProps<{
    dimension: Dimension | null
    share: number
    value: number | null
    place: number
    name: string
    baseline?: boolean
    /** A photo or sketch of the kind, shown in place of the drawing. */
    picture?: string | null
    note?: string
    /** How far the bar beneath is filled: by readings, or to the result. */
    fill?: number | null
    tone?: 'progress' | 'result'
    /** By how much a key moves it; null where it stays. */
    step?: number | null
    /** The largest level, which the drawing is to scale with. */
    largest?: number
  }>(),
  { baseline: false, picture: null, note: '', fill: null, tone: 'progress', step: null, largest: 1 },
)
const emit = defineEmits<{ move: [to: number] }>()
const moves = computed(() => props.step !== null && props.value !== null)
const slider = computed(() =>
  moves.value
    ? {
        role: 'slider',
        tabindex: 0,
        'aria-label': `Level ${props.name}`,
        'aria-valuenow': defined(props.value),
        'aria-valuetext': props.name,
        title: 'Pull it, or use the arrow keys',
      }
    : {},
)
const pulled = ref<{ x: number; from: number; largest: number } | null>(null)
/** As wide as the largest level is drawn. */
const width = 58

function begin(event: PointerEvent) {
  if (!moves.value) return
  pulled.value = { x: event.clientX, from: defined(props.value), largest: props.largest }
  if (event.currentTarget instanceof Element) event.currentTarget.setPointerCapture(event.pointerId)
}

function pull(event: PointerEvent) {
  if (!pulled.value) return
  const { x, from, largest } = pulled.value
  emit('move', from + ((event.clientX - x) / width) * largest)
}

function key(event: KeyboardEvent) {
  const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key]
  if (!by || !moves.value) return
  event.preventDefault()
  emit('move', defined(props.value) + by * defined(props.step))
}
</script>

<template>
  <figure
    class="level"
    :class="{ moves }"
    v-bind="slider"
    @pointerdown="begin"
    @pointermove="pull"
    @pointerup="pulled = null"
    @pointercancel="pulled = null"
    @keydown="key"
  >
    <img v-if="picture" :src="`/api/pictures/${picture}`" alt="" />
    <LevelDrawing
      v-else
      :dimension="dimension"
      :share="share"
      :value="value"
      :place="place"
      :baseline="baseline"
    />
    <span v-if="fill !== null" class="bar" aria-hidden="true"
      ><i :class="tone" :style="{ width: `${100 * Math.min(1, Math.max(0, fill))}%` }"
    /></span>
    <figcaption>
      <b :title="name">{{ name }}</b>
      <span v-if="note" class="soft" :title="note">{{ note }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
.level {
  margin: 0;
  width: 82px;
  flex: 0 1 82px;
  min-width: 0;
  text-align: center;
  border-radius: var(--radius);
  padding-top: 2px;
}

.moves {
  cursor: ew-resize;
  touch-action: none;
  user-select: none;
}

.moves:hover {
  background: var(--teal-wash);
}

.moves:focus-visible {
  outline: 2px solid var(--teal);
}

img {
  height: 50px;
  max-width: 100%;
  object-fit: contain;
  border-radius: 6px;
}

.bar {
  display: block;
  height: 7px;
  margin: 2px 6px 1px;
  border: 1px solid var(--ink-soft);
  border-radius: 4px;
  overflow: hidden;
}

.bar i {
  display: block;
  height: 100%;
  transition: width 0.5s ease;
}

.bar .progress {
  background: var(--marigold);
}

.bar .result {
  background: var(--blue);
}

figcaption {
  font-size: var(--text-tiny);
  line-height: 1.2;
  display: flex;
  flex-direction: column;
}

b,
span {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>

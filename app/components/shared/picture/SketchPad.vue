<script setup lang="ts">
import { palette } from '~/theme/palette'
import { mdiUndo } from '@mdi/js'
import { getStroke } from 'perfect-freehand'
import { computed, ref, watch } from 'vue'
import { defined, firstOf, lastOf } from '#core/defined'
import { canvasBlob } from '~/api/sendPicture'

/** A sheet to draw on with finger, pen or mouse. */
const shown = defineModel<boolean>({ required: true })
const emit = defineEmits<{ keep: [sketch: Blob] }>()

type Point = [x: number, y: number, pressure: number]
interface Stroke {
  colour: string
  points: Point[]
}

const width = 640
const height = 420
const pens = [
  { name: 'ink', colour: palette.ink },
  { name: 'teal', colour: palette.teal },
  { name: 'red', colour: palette.coral },
]
const pen = ref(firstOf(pens).colour)
const strokes = ref<Stroke[]>([])
const drawing = ref(false)
const paths = computed(() => strokes.value.map(({ colour, points }) => ({ colour, d: outline(points) })))
watch(shown, (open) => {
  if (open) strokes.value = []
})

function outline(points: Point[]): string {
  const around = getStroke(points, { size: 7, thinning: 0.5, smoothing: 0.6 })
  return around.length === 0
    ? ''
    : `M${around.map(([x, y]) => `${defined(x).toFixed(1)} ${defined(y).toFixed(1)}`).join('L')}Z`
}

function at(event: PointerEvent): Point {
  const sheet = (event.currentTarget as SVGElement).getBoundingClientRect()
  return [
    ((event.clientX - sheet.left) * width) / sheet.width,
    ((event.clientY - sheet.top) * height) / sheet.height,
    event.pressure || 0.5,
  ]
}

function begin(event: PointerEvent) {
  ;(event.currentTarget as SVGElement).setPointerCapture(event.pointerId)
  drawing.value = true
  strokes.value = [...strokes.value, { colour: pen.value, points: [at(event)] }]
}

function draw(event: PointerEvent) {
  if (!drawing.value) return
  const last = lastOf(strokes.value)
  strokes.value = [...strokes.value.slice(0, -1), { ...last, points: [...last.points, at(event)] }]
}

async function keep() {
  const canvas = document.createElement('canvas')
  canvas.width = width * 2
  canvas.height = height * 2
  const context = defined(canvas.getContext('2d'))
  context.scale(2, 2)
  context.fillStyle = '#ffffff'
  context.fillRect(0, 0, width, height)
  for (const { colour, d } of paths.value) {
    context.fillStyle = colour
    context.fill(new Path2D(d))
  }
  emit('keep', await canvasBlob(canvas, 'image/png'))
  shown.value = false
}
</script>

<template>
  <VDialog v-model="shown" max-width="700" aria-label="Sketch">
    <VCard title="Sketch">
      <VCardText class="pad">
        <svg
          :viewBox="`0 0 ${width} ${height}`"
          role="img"
          aria-label="Sheet to draw on"
          @pointerdown="begin"
          @pointermove="draw"
          @pointerup="drawing = false"
          @pointercancel="drawing = false"
        >
          <path v-for="(path, index) in paths" :key="index" :d="path.d" :fill="path.colour" />
        </svg>
        <div class="row">
          <VBtnToggle v-model="pen" mandatory density="compact" variant="outlined" divided>
            <VBtn
              v-for="one in pens"
              :key="one.name"
              :value="one.colour"
              size="small"
              :style="{ color: one.colour }"
              >{{ one.name }} pen</VBtn
            >
          </VBtnToggle>
          <VBtn
            size="small"
            variant="text"
            :prepend-icon="mdiUndo"
            :disabled="strokes.length === 0"
            @click="strokes = strokes.slice(0, -1)"
            >Take back</VBtn
          >
        </div>
      </VCardText>
      <VCardActions>
        <VBtn @click="shown = false">Not now</VBtn>
        <VBtn color="primary" variant="flat" :disabled="strokes.length === 0" @click="keep"
          >Keep the sketch</VBtn
        >
      </VCardActions>
    </VCard>
  </VDialog>
</template>

<style scoped>
.pad {
  display: flex;
  flex-direction: column;
  gap: 10px;
}

svg {
  width: 100%;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: #fff;
  touch-action: none;
  cursor: crosshair;
}
</style>

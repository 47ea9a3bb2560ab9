<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { mostTyped, parseQuantity, unitDefinition, type Unit } from '#core/quantity'

/**
 * A field for one quantity. The text stays as it is typed; the value follows while it can be read in one way, and goes back to
 * what it was before while it cannot. A text that reads two ways is asked about.
 */
defineOptions({ inheritAttrs: false })
const value = defineModel<number | null>({ required: true })
const props = withDefaults(
  defineProps<{
    /** Things counted, unless said otherwise. */
    unit?: Unit
    label?: string
    /** Said behind the number; the unit's own sign when left out. */
    suffix?: string
    /** The smallest mark of the instrument that is read, in `unit`. */
    mark?: number
    least?: number
    greatest?: number
    /** Whether only whole numbers make sense. */
    whole?: boolean
    /** Whether the field may be left empty. */
    optional?: boolean
    problem?: string
    /** Digits that are shown of a value that nobody typed here. */
    digits?: number
  }>(),
  {
    unit: 'count',
    label: undefined,
    suffix: undefined,
    mark: undefined,
    least: -mostTyped,
    greatest: mostTyped,
    whole: false,
    optional: false,
    problem: undefined,
    digits: 12,
  },
)
const input = ref<{ focus: () => void } | null>(null)
defineExpose({ focus: () => input.value?.focus() })
const text = ref(shown(value.value))
const before = ref(value.value)
const editing = ref(false)
const parsed = computed(() => parseQuantity(text.value, props.unit, props.mark))
const readings = computed(() => (!parsed.value.ok && editing.value ? parsed.value.readings : []))
const trouble = computed(() => {
  if (!editing.value) return props.problem
  if (parsed.value.ok) return rangeTrouble(parsed.value.value) ?? props.problem
  if (parsed.value.problem === 'empty') return props.optional ? undefined : parsed.value.message
  return parsed.value.problem === 'two-ways' ? undefined : parsed.value.message
})

function shown(number: number | null): string {
  return number === null ? '' : String(Number(number.toPrecision(props.digits)))
}

function rangeTrouble(number: number): string | undefined {
  if (props.whole && !Number.isInteger(number)) return 'Use a whole number.'
  if (number < props.least) return `This must be at least ${props.least}.`
  if (number > props.greatest) return `This must be at most ${props.greatest}.`
  return undefined
}

/** What the text says, or what stood here before where it says nothing that can be kept. */
function readNow(): number | null {
  if (parsed.value.ok) return rangeTrouble(parsed.value.value) ? before.value : parsed.value.value
  return parsed.value.problem === 'empty' && props.optional ? null : before.value
}

function give(number: number | null) {
  if (number !== value.value) value.value = number
}

function type(typed: string) {
  if (!editing.value) {
    editing.value = true
    before.value = value.value
  }
  text.value = typed
  give(readNow())
}

function choose(number: number) {
  text.value = shown(number)
  give(rangeTrouble(number) ? before.value : number)
}

/** Left behind, the field shows what is kept; a text that could not be kept stays, with its message. */
function settle() {
  if (!editing.value || readings.value.length > 0 || trouble.value) return
  editing.value = false
  text.value = shown(value.value)
}

watch(value, (number) => {
  // Another screen, or an undo: what is typed here makes room.
  if (number === readNow() && editing.value) return
  editing.value = false
  text.value = shown(number)
})
</script>

<template>
  <div class="quantity" :class="$attrs.class">
    <VTextField
      ref="input"
      v-bind="{ ...$attrs, class: undefined }"
      :model-value="text"
      :label="label"
      :suffix="suffix ?? unitDefinition(unit).symbol"
      :error-messages="trouble"
      inputmode="decimal"
      autocomplete="off"
      :maxlength="60"
      @update:model-value="type"
      @blur="settle"
    />
    <QuantityChoice v-if="readings.length > 0" :readings="readings" @choose="choose" />
  </div>
</template>

<style scoped>
.quantity {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 4px;
}
</style>

import { computed, ref, type Ref } from 'vue'
import { firstOf } from '#core/defined'
import type { Given, Slot } from '#core/entries'
import { convertUnit, parseQuantity, printNumber, unitDefinition } from '#core/quantity'
import {
  alteredField,
  answerTo,
  contextOf,
  timedReading,
  wayOf,
  type EntryValidation,
  type FieldDefinition,
} from '#core/recording'
import { useLesson } from '../stores/lesson'
import { useReadNow } from './useReadNow'
import { useRecorder, valueFields } from './useRecorder'

/** The texts of one try, each kept until it is written down. */
interface TypedTexts {
  number: Ref<string>
  note: Ref<string>
  /** What was altered before a round. */
  altered: Ref<string>
}

/** A number that is typed on a Sheet: read as the way of recording reads it, asked about where it looks like a slip, and written down. */
export function useTypedReading(
  slot: () => Slot,
  { number, note, altered }: TypedTexts,
  written: (slot: Slot) => void,
) {
  const store = useLesson()
  const recorder = useRecorder('sheet')
  const { readNow } = useReadNow()
  /** What is asked before the number is written down. */
  const asked = ref<Exclude<EntryValidation, { state: 'empty' }> | null>(null)
  /** Whether somebody wanted to write down nothing. */
  const isEmpty = ref(false)

  const way = computed(() => wayOf(store.plan))
  /** The plan as it is read here: with the instrument of this moment. */
  const here = computed(() => way.value.planAt(store.plan, slot().moment))
  const field = computed<FieldDefinition>(() => firstOf(way.value.fields(here.value)))
  const symbol = computed(() => unitDefinition(field.value.unit).symbol)
  const checked = computed(() =>
    way.value.check(store.plan, number.value, contextOf(store.plan, store.counted, slot())),
  )
  /** The number that is typed; null while it is none. */
  const read = computed(() =>
    checked.value.state === 'value' && typeof checked.value.value === 'number' ? checked.value.value : null,
  )
  /** Where it stands on the instrument. */
  const pointer = computed(() =>
    read.value === null
      ? null
      : convertUnit(read.value, field.value.unit, here.value.measured.instrument.unit),
  )
  const seen = computed(() =>
    read.value === null ? {} : valueFields(number.value.trim(), 'typed', read.value),
  )
  /** What was typed in another unit than the one that is written down, beside what that is: "5 in is 12.7 cm". */
  const converted = computed(() => {
    const text = number.value.trim()
    const { unit, mark } = field.value
    const quantity = parseQuantity(text, unit, mark)
    const isOther = quantity.ok && quantity.typedUnit !== null && quantity.typedUnit !== unit
    return isOther && read.value !== null ? `${text} is ${shown(quantity.value)}` : ''
  })
  const hint = computed(() => (asked.value?.state === 'value' ? firstOf(asked.value.hints) : null))

  /** A value on the marks that are read, or with the digits that it has. */
  function shown(value: number): string {
    const text = printNumber(value, field.value.mark, 0, field.value.unit)
    return `${Number(text) === value ? text : Number(value.toPrecision(4))} ${symbol.value}`.trim()
  }

  /** Writes the number down, unless there is something to ask first; writing the same once more keeps it. */
  function write() {
    const answer = answerTo(checked.value, asked.value?.state === 'value')
    forget()
    if (answer.does === 'nothing') isEmpty.value = true
    else if (answer.does === 'ask') asked.value = answer.about
    else keep(answer.value)
  }

  function keep(value: number | string, given: Given = 'typed') {
    const text = altered.value.trim()
    recorder.record(
      slot(),
      {
        ...valueFields(number.value.trim(), given, value),
        ...(text === '' ? {} : { [alteredField]: { typed: text, given: 'typed', value: text } }),
        ...readNow(slot()),
      },
      note.value.trim(),
    )
    for (const one of [number, note, altered]) one.value = ''
    forget()
    written(slot())
  }

  /** Takes what a stopwatch on this device has measured. */
  function offer(taken: number) {
    number.value = timedReading(field.value, taken).typed
    forget()
  }

  /** What was asked is of a text that has changed since. */
  function forget() {
    asked.value = null
    isEmpty.value = false
  }

  return {
    here,
    field,
    symbol,
    asked,
    isEmpty,
    hint,
    pointer,
    seen,
    converted,
    shown,
    write,
    keep,
    offer,
    forget,
  }
}

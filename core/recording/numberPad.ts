import { unitDefinition } from '../quantity'
import type { FieldDefinition } from './way'

/** A key of the number pad: what it writes, and how it is read aloud. */
export interface PadKey {
  /** What it adds to the text, or the two that change what stands there. */
  key: string
  label: string
}

/** Takes off the last thing that was pressed. */
export const padBack = 'back'
/** Makes a number one below zero, or above it again. */
export const padMinus = 'minus'

/** The longest text that a reading may have. */
const mostLetters = 40

/**
 * The keys besides the digits that children need for a field: a point where there are parts, the fractions of inches, a minus below zero,
 * a colon between minutes and seconds.
 * @example padKeys({ ...field, unit: 'in' }).map((one) => one.key) // ['.', '½', '¼', '¾', '⅛']
 */
export function padKeys({
  unit,
  whole,
  instrument,
}: Pick<FieldDefinition, 'unit' | 'whole' | 'instrument'>): PadKey[] {
  const { dimension } = unitDefinition(unit)
  return [
    ...(whole ? [] : [{ key: '.', label: 'point' }]),
    ...(unit === 'in' || unit === 'ft' ? fractions : []),
    ...((instrument?.least ?? 0) < 0 || dimension === 'temperature'
      ? [{ key: padMinus, label: 'minus' }]
      : []),
    ...(dimension === 'time' ? [{ key: ':', label: 'colon' }] : []),
  ]
}

const fractions: PadKey[] = [
  { key: '½', label: 'a half' },
  { key: '¼', label: 'a quarter' },
  { key: '¾', label: 'three quarters' },
  { key: '⅛', label: 'an eighth' },
]

/**
 * The text after a key of the pad was pressed.
 * @example pressPad('1', '2') // '12'
 */
export function pressPad(text: string, key: string): string {
  if (key === padBack) return [...text].slice(0, -1).join('')
  if (key === padMinus) return text.startsWith('-') ? text.slice(1) : `-${text}`
  return text.length < mostLetters ? text + key : text
}

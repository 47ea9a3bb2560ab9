import { itemAt, defined } from '../../defined'
import { findThings, thingNamed } from '../../catalogue'
import { numberPattern } from '../../quantity'
import { kitUnit } from '../kitUnit'
import { amountPattern, readAmount } from './amounts'
import { areaOf, endsWithArea, isSizedBy, sizeOf, withSize } from './sizeOf'

/** How much of what a line says, once its clauses are taken out. */
export interface HowMuch {
  amount: number
  /** As typed: mL, a word for what is counted, or nothing. */
  unit: string
  name: string
  /** Whether a number was typed, or a word that counts by itself ("sheet of card"). */
  said: boolean
}

/** Words that say how things are counted where "of" follows, or where the thing is one that is counted so. */
const counting =
  /^(?:sheets?|sticks?|pads?|packs?|packets?|spoons?|spoonfuls?|teaspoons?|tablespoons?|drops?|cubes?|pinch(?:es)?|cups?|slices?|pieces?|rolls?|reels?|spools?|balls?|bags?|pairs?|strips?|handfuls?|scoops?|lumps?|blocks?)$/i
/** Those that a liquid or a powder is measured out with, so that "2 teaspoons salt" needs no "of". */
const measuring =
  /^(?:spoons?|spoonfuls?|teaspoons?|tablespoons?|drops?|pinch(?:es)?|cups?|handfuls?|scoops?|lumps?)$/i
const vague =
  /^[\s,]*(some|enough|a few|few|several|many|a lot of|lots of|plenty of|a bit of|a little)\s+(?:of\s+)?(\S.*)$/i

/** "25 cm lengths of string": one of that length. */
const lengthsOf = new RegExp(
  String.raw`^[\s,]*(?:a |one )?(${numberPattern})[\s-]*(cm|mm|m|in|inch|inches)[\s-]*(?:long )?(lengths?|pieces?|strips?|squares?|circles?|discs?) (?:of )?(\S.*?)\s*$`,
  'iu',
)

function pieceOf([, length, unit, shape]: RegExpExecArray): string {
  if (/^square/i.test(defined(shape))) return `${length} x ${length} ${unit}`
  return `${length} ${unit}${/^(?:circle|disc)/i.test(defined(shape)) ? ' across' : ''}`
}

/**
 * Reads how much of what: the amount before the thing ("2 sheets of card") or after it ("card, 2 sheets",
 * "washers x 4"), or none.
 * @returns the amount, its unit and the name; or what to type instead
 * @example howMuch('150 mL salt water') // { amount: 150, unit: 'mL', name: 'salt water', said: true }
 */
export function howMuch(text: string): HowMuch | string {
  const unclear = vague.exec(text)
  if (unclear)
    return `How much is “${unclear[1]}”? Type a number or an amount before ${clean(itemAt(unclear, 2))}.`
  const cut = lengthsOf.exec(text)
  if (cut) return { amount: 1, unit: '', name: withSize(clean(itemAt(cut, 4)), pieceOf(cut)), said: true }
  const single = sizeOf(text)
  if (single !== null) return { amount: 1, unit: '', name: clean(areaOf(single)), said: true }
  const lead = new RegExp(String.raw`^[\s,]*(${amountPattern})(?=[\s\p{L}])\s*(?:x\s+|×\s*)?`, 'iu').exec(
    text,
  )
  // "10 x 10 cm card" starts with its size, not with ten of it.
  const whole = areaOf(clean(text))
  if (lead && whole !== clean(text) && !/^\s*\d+\s+\d/.test(text))
    return { amount: 1, unit: '', name: whole, said: true }
  if (!lead) {
    const unit = takeUnit(text, false)
    return unit
      ? { amount: 1, unit: unit.unit, name: clean(text.slice(unit.length)), said: true }
      : amountAfter(whole)
  }
  const amount = readAmount(itemAt(lead, 1))
  if (typeof amount === 'string') return amount
  const rest = text.slice(lead[0].length)
  const unit = takeUnit(rest, true)
  return {
    amount,
    unit: unit?.unit ?? '',
    name: areaOf(clean(unit ? rest.slice(unit.length) : rest)),
    said: true,
  }
}

/** "String 25 cm", "card, 2 sheets", "washers x 4": the amount after the name. */
function amountAfter(name: string): HowMuch {
  const none = { amount: 1, unit: '', name, said: false }
  if (endsWithArea(name)) return none
  const found = new RegExp(
    String.raw`^(.*?\S)(?:[\s,:;]+(?:x\s+)?|\s*[x×]\s*)(${numberPattern})\s*(\p{L}+)?[\s,.]*$`,
    'iu',
  ).exec(name)
  if (!found) return none
  const [what, word] = [clean(itemAt(found, 1)), found[3] ?? '']
  const amount = readAmount(itemAt(found, 2))
  if (typeof amount === 'string') return none
  if (word !== '' && isSizedBy(what, word))
    return { ...none, name: withSize(what, `${amount} ${word}`), said: true }
  const known = kitUnit(word)
  if (word === '' || counting.test(word) || known.kind === 'measured')
    return {
      amount,
      unit: known.kind === 'measured' ? known.unit : plural(word.toLowerCase()),
      name: what,
      said: true,
    }
  return none
}

/** Words for what is counted, and units; "m" alone must stand before a space. */
function takeUnit(rest: string, afterNumber: boolean): { unit: string; length: number } | null {
  const found = /^\s*([\p{L}]+)\b\.?(\s+of\b)?/u.exec(rest)
  if (!found) return null
  const [all, word, of] = found
  if (
    !afterNumber &&
    !(
      /^sheet$/i.test(defined(word)) ||
      (of &&
        /^(?:roll|ball|pack|packet|reel|box|stack|pad|piece|strip|slice|lump|block)$/i.test(defined(word)))
    )
  )
    return null
  if (!of && startsThing(rest, defined(word))) return null
  const known = kitUnit(defined(word))
  const name = rest.slice(all.length)
  if (known.kind === 'measured' && name.trim() !== '') return { unit: known.unit, length: all.length }
  if (counting.test(defined(word)) && (of || isCountedSo(name, defined(word))))
    return { unit: plural(defined(word).toLowerCase()), length: all.length }
  return null
}

/** "2 teaspoons salt", "2 sheets card": the word counts, although no "of" follows. */
function isCountedSo(name: string, word: string): boolean {
  const usual = thingNamed(name)?.unit
  if (usual === undefined) return false
  return usual === plural(word.toLowerCase()) || (kitUnit(usual).kind === 'measured' && measuring.test(word))
}

/** "Metre stick" and "foot pump" start with a unit and are things. */
function startsThing(rest: string, word: string): boolean {
  const first = findThings(rest)[0]
  return first !== undefined && first.words.length > word.length && rest.trim().startsWith(first.words)
}

const plural = (word: string) =>
  word === '' || word.endsWith('s') ? word : word === 'pinch' ? 'pinches' : `${word}s`

function clean(text: string): string {
  return text
    .replace(/\s*,(?:\s*,)*/g, ',')
    .replace(/^[\s,;:+]+|[\s,;:+.]+$/g, '')
    .replace(/^(?:of|the|an?)\s+/i, '')
    .replace(/,\s*$/, '')
    .trim()
}

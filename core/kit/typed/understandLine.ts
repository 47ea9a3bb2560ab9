import { findThings, thingNamed } from '../../catalogue'
import type { Making, Material, Plan } from '../../plan'
import { capital, numberPattern, unitFromText } from '../../quantity'
import { usualFields } from '../derivedKit'
import { kitUnit } from '../kitUnit'
import { amountPattern, plainFractions, readAmount, type Take } from './amounts'
import { sheetName, takeMaking } from './makingClause'
import { isSizedBy, sizeOf, withSize } from './sizeOf'
import { takeLevel, takeRule } from './ruleClause'

/** What came of reading a typed line: the material it says, or what to type instead. */
export type UnderstoodLine =
  { ok: true; material: Omit<Material, 'id'>; note: string } | { ok: false; message: string }

const most = 100_000
/**
 * Reads one typed line of a kit: how much, of what, for what, used up or again, spares, where it waits, and how it
 * is made ready. What is not said is as the catalogue knows it.
 *
 * Understood: "2 sheets of card per level", "150 mL salt water per level, 35 g salt to 1 L", "12 x 8 cm card from A4
 * per try", "string 25 cm from 3 m sticks, each level", "30 paper clips each group + 5 spare", "lamp for the class",
 * "500 mL jug", "hot water, teacher", "wool only for level wool".
 *
 * @returns the material without an id, and a note of what was taken as usual; or what to type instead
 * @example understandLine('2 sheets of card per level', plan).material.per // 'level'
 */
export function understandLine(text: string, plan: Plan): UnderstoodLine {
  let rest = ` ${plainFractions(text).replace(/\s+/g, ' ').trim()} `
  if (rest.trim() === '')
    return { ok: false, message: 'Type what is needed, like “2 sheets of card per level”.' }
  if (/(?:^|\s)[-−–]\s*\d/.test(rest))
    return { ok: false, message: 'An amount is never below 0. Type it without the minus.' }
  const take: Take = (pattern) => {
    const found = pattern.exec(rest)
    if (found) rest = `${rest.slice(0, found.index)} , ${rest.slice(found.index + found[0].length)}`
    return found
  }

  const percent = take(
    /[,+]?\s*(?:and |plus |\+\s*)?(\d+(?:[.,]\d+)?)\s*(?:%|per ?cent)\s*(?:spares?|extra|more)?/i,
  )
  const spares = percent
    ? null
    : take(
        new RegExp(
          String.raw`[,+]?\s*(?:and |plus |\+\s*)?(${amountPattern})\s*(?:spares?|extra|more|in reserve)\b`,
          'i',
        ),
      )
  const use = take(
    /\b(?:is |are )?(used up|used again|re-?used|comes? back|thrown away|gone after(?:wards)?)\b/i,
  )
  const keeper = take(
    /\b(?:with |kept by |by )?(?:the )?(?:teacher|adult)(?: only| keeps (?:it|them))?\b|\b(?:at|on) the front(?: table)?\b|\bfront table\b|\bshared\b/i,
  )
  const onTrays = keeper === null && take(/\bon (?:the|each|every) trays?\b/i) !== null
  const onlyLevel = takeLevel(take, plan)
  const made = takeMaking(take)
  if (typeof made === 'string') return { ok: false, message: made }
  const per = takeRule(take)

  const lead = new RegExp(String.raw`^[\s,]*(${amountPattern})(?=[\s\p{L}])\s*(?:x\s+|×\s*)?`, 'iu').exec(
    rest,
  )
  let amount = 1
  const vague = /^[\s,]*(some|a few|few|several|many|lots of|plenty of)\s+(\S.*)$/i.exec(rest)
  if (vague)
    return {
      ok: false,
      message: `How much is “${vague[1]}”? Type a number or an amount before ${clean(vague[2]!)}.`,
    }
  const single = sizeOf(rest)
  if (single !== null) rest = single
  else if (lead) {
    const read = readAmount(lead[1]!)
    if (typeof read === 'string') return { ok: false, message: read }
    amount = read
    rest = rest.slice(lead[0].length)
  }
  const unitWord = single === null ? takeUnit(rest, lead !== null) : null
  if (unitWord) rest = rest.slice(unitWord.length)
  let name = clean(rest)
  let unit = unitWord?.unit ?? ''
  if (!lead && single === null) {
    // "string 25 cm": the amount may come after the name.
    const after = new RegExp(String.raw`[\s,]+(${numberPattern})\s*(mL|ml|L|l|g|kg|cm|m|mm)\s*$`, 'u').exec(
      ` ${name}`,
    )
    const read = after ? readAmount(after[1]!) : null
    if (typeof read === 'number') {
      const what = clean(` ${name}`.slice(0, after!.index))
      if (isSizedBy(what, after![2]!)) name = withSize(what, `${read} ${after![2]}`)
      else [amount, unit, name] = [read, after![2]!, what]
    }
  }
  if (name === '')
    return { ok: false, message: 'What is it? Type a thing after the amount, like “2 sheets of card”.' }
  if (name.length > 80) return { ok: false, message: 'This name is too long. Use at most 80 letters.' }
  if (amount > most) return { ok: false, message: `That is more than any class needs. Use at most ${most}.` }

  const thing = thingNamed(name)
  const usual = usualFields(thing)
  const mismatch = unitMismatch(name, unit, usual.unit)
  if (mismatch && !made) return { ok: false, message: mismatch }
  if (
    unit === '' &&
    lead === null &&
    !isVesselOf(name) &&
    made?.kind !== 'pieces' &&
    made?.kind !== 'lengths'
  ) {
    unit = usual.unit
    if (kitUnit(unit).kind === 'measured')
      return {
        ok: false,
        message: `How much of it? Type an amount before it, like “100 ${unit} ${name}”.`,
      }
  }
  const usedUp = use ? /up|away|gone/i.test(use[1]!) : null
  const spareValue = percent ? Number(percent[1]!.replace(',', '.')) : spares ? readAmount(spares[1]!) : null
  if (typeof spareValue === 'string') return { ok: false, message: spareValue }
  if (spareValue !== null && spareValue > 1000)
    return { ok: false, message: 'That is more spare than anyone can carry. Use at most 1000.' }
  return {
    ok: true,
    material: {
      name: made ? ofSize(made, name) : name,
      amount,
      unit,
      per: per ?? (onlyLevel !== null ? 'level' : 'group'),
      use: usedUp === null ? (made ? 'used-up' : usual.use) : usedUp ? 'used-up' : 'reused',
      spare: spareValue === null ? usual.spare : { kind: percent ? 'percent' : 'number', value: spareValue },
      level: onlyLevel,
      place: keeper
        ? /teacher|adult/i.test(keeper[0])
          ? 'teacher'
          : 'front'
        : onTrays
          ? 'tray'
          : usual.place,
      made: made && fromWhat(made, name),
    },
    note: per === null && onlyLevel === null ? 'one for each group, as nothing else was said' : '',
  }
}

/** A cut thing is called by its size as well, so that it is told from what it is cut from. */
function ofSize(made: Making, name: string): string {
  if (made.kind === 'pieces') return `${name}, ${made.width} x ${made.height} cm`
  return made.kind === 'lengths' ? `${name}, ${made.length} cm` : name
}

/** What it is cut from, called by its own size. */
function fromWhat(made: Making, name: string): Making {
  if (made.kind === 'pieces') return { ...made, from: `${made.from || name}, ${sheetName(made)}` }
  return made.kind === 'lengths'
    ? {
        ...made,
        from: `${name}, ${made.stickLength >= 100 ? `${made.stickLength / 100} m` : `${made.stickLength} cm`}`,
      }
    : made
}

/** "A bowl of water" is counted by the bowl, whatever is in it. */
const isVesselOf = (name: string) =>
  /\b(?:bowl|cup|mug|jug|jar|bottle|bucket|tub|pot|tin|can|carton|packet|pack|box|bag|sack|tray|glass|beaker|cylinder|tank)s?(?: full)? of\b/i.test(
    name,
  )

/** "Metre stick" and "foot pump" start with a unit and are things. */
function startsThing(rest: string, word: string): boolean {
  const first = findThings(rest)[0]
  return first !== undefined && first.words.length > word.length && rest.trim().startsWith(first.words)
}

/** Words for what is counted, and units; "m" alone must stand before a space. */
function takeUnit(rest: string, afterNumber: boolean): { unit: string; length: number } | null {
  const found = /^\s*([\p{L}]+)\b\.?(\s+of\b)?/u.exec(rest)
  if (!found) return null
  const known = kitUnit(found[1]!)
  if (!afterNumber && !/^sheet$/i.test(found[1]!)) return null
  if (!found[2] && startsThing(rest, found[1]!)) return null
  if (known.kind === 'measured' && rest.slice(found[0].length).trim() !== '')
    return { unit: known.unit, length: found[0].length }
  if (
    /^(?:sheets?|sticks?|pads?|packs?|spoons?|teaspoons?|tablespoons?|drops?|cubes?|pinch(?:es)?|cups?|slices?|pieces?|rolls?|balls?|bags?|pairs?|strips?|handfuls?)$/i.test(
      found[1]!,
    ) &&
    found[2]
  )
    return { unit: plural(found[1]!.toLowerCase()), length: found[0].length }
  return null
}

const plural = (word: string) => (word.endsWith('s') ? word : word === 'pinch' ? 'pinches' : `${word}s`)

function clean(text: string): string {
  return text
    .replace(/\s*,(?:\s*,)*/g, ',')
    .replace(/^[\s,;:+]+|[\s,;:+.]+$/g, '')
    .replace(/^(?:of|the|an?)\s+/i, '')
    .replace(/,\s*$/, '')
    .trim()
}

/** A liquid is not counted and clips are not poured: the unit and the thing have to agree. */
function unitMismatch(name: string, unit: string, usual: string): string | null {
  const [typed, known] = [kitUnit(unit), kitUnit(usual)]
  if (
    typed.kind === 'measured' &&
    known.kind === 'things' &&
    thingNamed(name) &&
    (unitFromText(unit) === 'mL' || unitFromText(unit) === 'L')
  )
    return `${capital(name)} ${/s$/i.test(name) ? 'are' : 'is'} counted, not poured. Type how many, without ${unit}.`
  if (typed.kind === 'things' && typed.word === '' && known.kind === 'measured') return null
  return null
}

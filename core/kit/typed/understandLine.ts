import { itemAt } from '../../defined'
import { thingNamed } from '../../catalogue'
import type { Making, Material, Plan } from '../../plan'
import { capital, unitDefinition, unitFromText } from '../../quantity'
import { usualFields } from '../derivedKit'
import { kitUnit } from '../kitUnit'
import { amountPattern, readAmount, type Take } from './amounts'
import { howMuch } from './howMuch'
import { takeMaking } from './makingClause'
import { pieceSize, sheetName } from './piecesClause'
import { plainWords } from './plainWords'
import { takeLevel, takeRule, takeSharers } from './ruleClause'
import { inOneUnit, unclearNumbers, unreadableDigits } from './unclearNumbers'

/** What came of reading a typed line: the material it says, or what to type instead. */
export type UnderstoodLine = { ok: true; material: Omit<Material, 'id'> } | { ok: false; message: string }

const most = 100_000
/** A line about something that is mixed. */
const isSolution = /\b(?:solution|mix|mixture|(?:salt|salty|sugar|sugary|soapy) water)\b/i
/**
 * Reads one typed line of a kit: how much, of what, for what, used up or again, spares, where it waits, and how it
 * is made ready. What is not said is as the catalogue knows it.
 *
 * Understood: "2 sheets of card per level", "120 mL bubble mix per level, 60 g sugar to 1 L", "12 x 8 cm card from A4
 * per try", "string 25 cm from 3 m sticks, each level", "30 paper clips each group + 5 spare", "lamp for the class",
 * "500 mL jug", "hot water, teacher", "wool only for level wool".
 *
 * @returns the material without an id, or what to type instead
 * @example understandLine('2 sheets of card per level', plan).material.per // 'level'
 */
export function understandLine(text: string, plan: Plan): UnderstoodLine {
  const small = unreadableDigits(text)
  if (small) return { ok: false, message: small }
  let rest = ` ${plainWords(text)} `
  if (rest.trim() === '')
    return { ok: false, message: 'Type what is needed, like “2 sheets of card per level”.' }
  if (/(?:^|\s)[-−–]\s*\d/.test(rest))
    return { ok: false, message: 'An amount is never below 0. Type it without the minus.' }
  const take: Take = (pattern) => {
    const found = pattern.exec(rest)
    if (found) rest = `${rest.slice(0, found.index)} , ${rest.slice(found.index + found[0].length)}`
    return found
  }

  const percent =
    take(/[,+]?\s*(?:and |plus |\+\s*)?(\d+(?:[.,]\d+)?)\s*(?:%|per ?cent)\s*(?:spares?|extra|more)\b/i) ??
    // What is said of a solution says how strong it is.
    (isSolution.test(rest)
      ? null
      : take(/[,+]?\s*(?:and |plus |\+\s*)?(\d+(?:[.,]\d+)?)\s*(?:%|per ?cent)\s*(?=$|[,.])/i))
  const none = percent ? null : take(/[,+]?\s*(?:and |with )?no (?:spares?|extras?)\b/i)
  const spares =
    percent || none
      ? null
      : take(
          new RegExp(
            String.raw`[,+]?\s*(?:and |plus |\+\s*)?(${amountPattern})\s*(mL|L|g|kg|cm|m)?\s*(?:spares?|extra|more|in reserve)\b`,
            'i',
          ),
        )
  const use = take(
    /\b(?:is |are )?(used up|used again|re-?used|comes? back|thrown away|gone after(?:wards)?)\b/i,
  )
  const keeper = take(
    /\b(?:with |kept by |by )?(?:the )?(?:teacher|adult)(?: only| keeps (?:it|them))?\b|\b(?:at|on) (?:the )?front(?: table)?\b|,\s*front(?: table)?(?=[\s,]*$)|\bfront table\b|\bshared\b/i,
  )
  const onTrays = keeper === null && take(/\bon (?:the|each|every) trays?\b/i) !== null
  const onlyLevel = takeLevel(take, plan)
  const making = takeMaking(take)
  const other = /\bfrom\s+(?:an? )?(?:a[2-5]|letter|\d)/i.exec(rest)
  if (making !== null && other)
    return { ok: false, message: 'One thing on a line: type what else is cut on a line of its own.' }
  if (typeof making === 'string') return { ok: false, message: making }
  const made = making?.made ?? null
  if (making?.name) rest = `${rest.trimEnd()} ${making.name} `
  const shared = takeSharers(take)
  const per = shared === null ? takeRule(take) : 'child'

  const again = takeRule(take)
  if (per !== null && again !== null)
    return {
      ok: false,
      message: 'This says two rules. Type one, like “per level”, and change the amount to fit.',
    }

  const unclear = unclearNumbers(rest)
  if (unclear) return { ok: false, message: unclear }
  const amounts = inOneUnit(rest)
  if (!amounts.ok) return amounts
  const read = howMuch(amounts.text)
  if (typeof read === 'string') return { ok: false, message: read }
  const name = read.name === '' && made?.kind === 'pieces' ? (made.round ? 'circles' : 'pieces') : read.name
  const amount = read.amount / (shared ?? 1)
  let { unit } = read
  if (name === '' && made?.kind === 'solution')
    return {
      ok: false,
      message: `How much of the mixture? Type it before the parts, like “300 mL ${made.of} mix, 1 part ${made.of} to 2 parts water”.`,
    }
  if (made?.kind === 'solution' && !isVolume(unit))
    return {
      ok: false,
      message: `How many mL of ${name}? A mixture is measured in mL or L; type what goes into how much, like “60 g sugar to 1 L”.`,
    }
  if (name === '' && made?.kind !== 'pieces')
    return { ok: false, message: 'What is it? Type a thing after the amount, like “2 sheets of card”.' }
  if (/^[\d.,/]+\s+(?!(?:cm|mm|m|in|inch|ml|l|g|kg|v|w)\b)/iu.test(name) && !made)
    return {
      ok: false,
      message: `How many is “${name}”? Type one number before the thing, like “12 pegs”.`,
    }
  if (name.length > 80) return { ok: false, message: 'This name is too long. Use at most 80 letters.' }
  if (/,\s*\d[\d.,/]*\s*$/.test(name))
    return { ok: false, message: `How many is it? Type the number before the thing, like “12 pegs”.` }
  const either = /^(.*\S)\s+or\s+(\S.*)$/i.exec(name)
  if (either && !made)
    return { ok: false, message: `Is it ${either[1]} or ${either[2]}? Type the one that you need.` }
  const second = /(?:,|\band\b|\+|&)\s*(?=\d+\s+(?!(?:mL|g|kg|cm|m|mm|L|V|W|x)\b)\p{L}{2})(.*)$/iu.exec(name)
  if (second) return { ok: false, message: `One thing on a line: type “${second[1]}” on a line of its own.` }
  const more =
    /(?:,|\band\b|\+|&)\s*(\d[\d.,/]*\s*(?:mL|L|g|kg|cm|m|mm)\s+\p{L}{2}.*)$|\b\d+\s*(?:mL|L|g|kg)\s*,\s*(\p{L}{3}.*)$/iu.exec(
      name,
    )
  const isSecond = more?.[1] !== undefined || isMeasuredOut(more?.[2] ?? '')
  if (more && isSecond && !made)
    return { ok: false, message: `One thing on a line: type “${more[1] ?? more[2]}” on a line of its own.` }
  if (amount > most) return { ok: false, message: `That is more than any class needs. Use at most ${most}.` }

  const mixedIn = /\bwith (?:an?|one|two|three|\d[\d.,/]*)\s+(?:\p{L}+ )?(?:of )?\p{L}+/iu.exec(name)
  if (
    mixedIn &&
    !made &&
    /\b(?:mL|L|g|spoon\p{L}*|teaspoon\p{L}*|tablespoon\p{L}*|drops?|pinch\p{L}*|cups?)\b/iu.test(mixedIn[0])
  )
    return {
      ok: false,
      message: `Type “${mixedIn[0].replace(/^with /i, '')}” on a line of its own, or as a mixture, like “60 g sugar to 1 L”.`,
    }
  const thing = thingNamed(name)
  const usual = usualFields(thing)
  const mismatch = unitMismatch(name, unit, usual.unit)
  if (mismatch && !made) return { ok: false, message: mismatch }
  if (unit === '' && !read.said && !isVesselOf(name) && made?.kind !== 'pieces' && made?.kind !== 'lengths') {
    unit = usual.unit
    const known = kitUnit(unit)
    // Tape and string come by the roll: one to have at hand.
    if (known.kind === 'measured' && unitDefinition(known.unit).dimension === 'length')
      return { ok: true, material: atHand(name, per, onlyLevel, usual) }
    if (known.kind === 'measured')
      return {
        ok: false,
        message: `How much of it? Type an amount before it, like “100 ${unit} ${name}”.`,
      }
  }
  const usedUp = use ? /up|away|gone/i.test(itemAt(use, 1)) : null
  const spareValue = percent
    ? Number(itemAt(percent, 1).replace(',', '.'))
    : spares
      ? spareOf(spares, unit)
      : none
        ? 0
        : null
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
      made: made && fromWhat(made, name, amount),
    },
  }
}

/** A piece that is called by its shape alone is one of paper. */
const isShape = /^(?:circles?|discs?|squares?|pieces?|rectangles?|strips?)$/i

/** A cut thing is called by its size as well, so that it is told from what it is cut from. */
function ofSize(made: Making, name: string): string {
  if (made.kind === 'pieces') return `${name}, ${pieceSize(made)}`
  return made.kind === 'lengths' ? `${name}, ${made.length} cm` : name
}

/** What it is cut from, called by its own size; a recipe makes as much as the line says. */
function fromWhat(made: Making, name: string, amount: number): Making {
  if (made.kind === 'recipe') return { ...made, makes: amount }
  if (made.kind === 'pieces')
    return {
      ...made,
      from: `${made.from || (isShape.test(name) ? (made.sheetHeight === 0 ? 'roll' : 'paper') : name)}, ${sheetName(made)}`,
    }
  return made.kind === 'lengths'
    ? {
        ...made,
        from: `${name}, ${made.stickLength >= 100 ? `${made.stickLength / 100} m` : `${made.stickLength} cm`}`,
      }
    : made
}

/** Spares are in the line's own unit; another one is asked about. */
function spareOf(found: RegExpExecArray, unit: string): number | string {
  if (found[2] !== undefined && unitFromText(found[2]) !== unitFromText(unit))
    return `Type the spare in ${unit || 'whole things'} as well, like “+ 2 spare”.`
  return readAmount(itemAt(found, 1))
}

const isVolume = (unit: string) => {
  const known = kitUnit(unit)
  return known.kind === 'measured' && unitDefinition(known.unit).dimension === 'volume'
}

/** Water, sand and the like, of which a number is no size. */
const isMeasuredOut = (name: string) => kitUnit(thingNamed(name)?.unit ?? '').kind === 'measured'

/** One of what nobody measures out, for all at the front, unless the line says for whom. */
const atHand = (
  name: string,
  per: Material['per'] | null,
  level: string | null,
  usual: Pick<Material, 'spare'>,
): Omit<Material, 'id'> => ({
  name,
  amount: 1,
  unit: '',
  per: per ?? 'class',
  use: 'reused',
  spare: { ...usual.spare, value: 0 },
  level,
  place: per === null || per === 'class' ? 'front' : 'tray',
  made: null,
})

/** "A bowl of water" is counted by the bowl, whatever is in it. */
const isVesselOf = (name: string) =>
  /\b(?:bowl|cup|mug|jug|jar|bottle|bucket|tub|pot|tin|can|carton|packet|pack|box|bag|sack|tray|glass|beaker|cylinder|tank)s?(?: full)? of\b/i.test(
    name,
  )

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

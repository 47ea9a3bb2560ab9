import { itemAt } from '../../defined'
import { thingNamed } from '../../catalogue'
import type { Making } from '../../plan'
import { numberPattern } from '../../quantity'
import { kitUnit } from '../kitUnit'
import { readAmount, type Take } from './amounts'

/** A mixture, or what to type instead; the text that the name of what is mixed is left in the line. */
type Mixture = Extract<Making, { kind: 'solution' | 'series' }>

const volume = String.raw`(ml|l|litre|liter|litres|liters)\b`
const inMillilitres = (amount: number, typed: string) => (/^ml$/i.test(typed) ? amount : amount * 1000)

/** What is poured is measured in mL, everything else in g. */
const unitOf = (name: string): 'g' | 'mL' => {
  const usual = kitUnit(thingNamed(name)?.unit ?? '')
  return usual.kind === 'measured' && (usual.unit === 'mL' || usual.unit === 'L') ? 'mL' : 'g'
}

/** "60 g sugar to 1 L", "10 mL washing-up liquid to 100 mL water", "mixed with 2 g salt per litre". */
function takeRatio(take: Take): Mixture | string | null {
  const found = take(
    new RegExp(
      String.raw`[,(]?\s*(?:mixed |made |of |with )*(${numberPattern})\s*(g|kg|ml|l)\s+(?:of )?([\p{L}][\p{L}\- ]*?)\s+(?:to|in|per|a|for|on)\s+(?:(?:the|every|each)\s+)?(${numberPattern})?\s*${volume}(?:\s+(?:of )?water)?\)?`,
      'iu',
    ),
  )
  if (!found) return null
  const [added, into] = [readAmount(itemAt(found, 1)), found[4] ? readAmount(found[4]) : 1]
  if (typeof added === 'string') return added
  if (typeof into === 'string') return into
  const water = inMillilitres(into, itemAt(found, 5))
  if (!(water > 0)) return 'A mixture is in some water. Type how much, like “60 g sugar to 1 L”.'
  return {
    kind: 'solution',
    of: itemAt(found, 3).trim(),
    unit: /g$/i.test(itemAt(found, 2)) ? 'g' : 'mL',
    amount: /^(kg|l)$/i.test(itemAt(found, 2)) ? added * 1000 : added,
    inMillilitres: water,
  }
}

/** "g sugar to 1 L by level". */
function takeSeries(take: Take): Mixture | string | null {
  const found = take(
    new RegExp(
      String.raw`[,(]?\s*(g|ml)\s+(?:of )?([\p{L}][\p{L}\- ]*?)\s+(?:to|in|per)\s+(${numberPattern})?\s*(ml|l|litre)\s*(?:by|at each|of each) level\b\)?`,
      'iu',
    ),
  )
  if (!found) return null
  const into = found[3] ? readAmount(found[3]) : 1
  if (typeof into === 'string') return into
  return {
    kind: 'series',
    of: itemAt(found, 2).trim(),
    unit: /g$/i.test(itemAt(found, 1)) ? 'g' : 'mL',
    inMillilitres: inMillilitres(into, itemAt(found, 4)),
  }
}

/** "1 part glue to 2 parts water", also the other way round. */
function takeParts(take: Take): Mixture | string | null {
  const part = String.raw`(${numberPattern}|one|two|three|four|five|six|ten) parts?(?: of)? ([\p{L}\- ]+?)`
  const found = take(
    new RegExp(
      String.raw`[,(:]?\s*(?:mixed |made |of |with )*${part}\s*(?:to|and|\+|with|in|,)\s*${part}(?=\s*(?:[,)]|$|\bper\b|\bfor\b|\beach\b))\)?`,
      'iu',
    ),
  )
  if (!found) return null
  const amounts = [readAmount(itemAt(found, 1)), readAmount(itemAt(found, 3))] as const
  const [first, second] = amounts
  if (typeof first === 'string') return first
  if (typeof second === 'string') return second
  const [one, other] = [itemAt(found, 2).trim(), itemAt(found, 4).trim()]
  const isWater = (name: string) => /\bwater$/i.test(name)
  if (!isWater(one) && !isWater(other))
    return `What is the mixture mostly made of? Type the parts with water, like “1 part ${one} to 2 parts water”.`
  const [of, parts, water] = isWater(other) ? [one, first, second] : [other, second, first]
  if (!(water > 0)) return 'A mixture is in some water. Type its parts, like “1 part glue to 2 parts water”.'
  // Parts are poured with the same cup.
  return { kind: 'solution', of, unit: 'mL', amount: parts, inMillilitres: water }
}

/** What is in water that is called after it. */
const dissolved: [word: RegExp, what: string][] = [
  [/^salt/i, 'salt'],
  [/^sug/i, 'sugar'],
  [/^soap/i, 'washing-up liquid'],
]

/** What dissolves in a "5% … water" or "… solution", and how much of it. */
function takePercent(take: Take): { made: Mixture; name: string } | string | null {
  const percent = String.raw`(${numberPattern})\s*(?:%|per ?cent)`
  const named = String.raw`([\p{L}][\p{L}\-]*(?: [\p{L}\-]+)??) (solution|water|mix|mixture)`
  const before = take(new RegExp(String.raw`(?:of )?(?:an? )?${percent}\s+(?:strong )?${named}\b`, 'iu'))
  const after = before
    ? null
    : take(
        new RegExp(
          String.raw`(?<=[\d\s.](?:ml|l|litres?|g)\s+(?:of )?)${named}(?:\s+of|,|\s+at|\s+with)?\s*\(?${percent}(?! spare| extra| more)\)?(?: strong)?`,
          'iu',
        ),
      )
  const places = before ? [1, 2, 3] : [3, 1, 2]
  const found = before ?? after
  if (!found) return null
  const [share, of, kind] = places.map((place) => itemAt(found, place)) as [string, string, string]
  const amount = readAmount(share)
  if (typeof amount === 'string') return amount
  if (!(amount > 0 && amount < 100))
    return 'How strong is it? Type more than 0% and less than 100%, like “120 mL of 5% salt water”.'
  const added = dissolved.find(([word]) => word.test(of))?.[1] ?? of
  const unit = unitOf(added)
  return {
    name: `${of} ${kind}`,
    // Grams in 100 mL of water, or millilitres with as much water as makes 100.
    made: {
      kind: 'solution',
      of: added,
      unit,
      amount,
      inMillilitres: unit === 'mL' ? 100 - amount : 100,
    },
  }
}

/** How a line is mixed, taken out of its text, with the name that it says along the way. A text says what to type instead. */
export function takeMixture(take: Take): { made: Mixture; name?: string } | string | null {
  for (const clause of [takeSeries, takeRatio, takeParts]) {
    const made = clause(take)
    if (made !== null) return typeof made === 'string' ? made : { made }
  }
  return takePercent(take)
}

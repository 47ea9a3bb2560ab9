import { itemAt } from '../../defined'
import type { Making } from '../../plan'
import { convertUnit, numberPattern, unitFromText } from '../../quantity'
import { readAmount, type Take } from './amounts'
import { takeMixture } from './mixtureClause'
import { takeRecipe } from './recipeClause'
import { takePieces } from './piecesClause'

/**
 * How a line is made ready, taken out of its text: mixed, let down, cut; with the name of a mixture that says it along the way. A text says
 * what to type instead.
 */
export function takeMaking(take: Take): { made: Making; name?: string } | string | null {
  const recipe = takeRecipe(take)
  if (recipe !== null)
    return typeof recipe === 'string' ? recipe : { made: { kind: 'recipe', makes: 1, ingredients: recipe } }
  const mixed = takeMixture(take)
  if (mixed !== null) return mixed
  const made = takePieces(take) ?? takeLengths(take)
  return made === null || typeof made === 'string' ? made : { made }
}

/** "String 25 cm from 3 m sticks". */
function takeLengths(take: Take): Making | string | null {
  const unit = String.raw`(cm|mm|m|in|inch|inches|ft|foot|feet|["″])(?!\p{L})`
  const cut = take(
    new RegExp(
      String.raw`[,]?\s*(${numberPattern})\s*${unit}\s*(?:lengths?|pieces?|strips?)?(?: of)?\s*(?=[^,]*\bfrom\b)`,
      'iu',
    ),
  )
  if (!cut) return null
  const from =
    take(
      new RegExp(
        String.raw`[,]?\s*(?:cut )?from\s+(?:an? |the )?(${numberPattern})[\s-]*${unit}\s*(?:long )?(?:sticks?|balls?|rolls?|lengths?|rods?|reels?|spools?)?`,
        'iu',
      ),
    ) ??
    take(
      new RegExp(
        String.raw`[,]?\s*(?:cut )?from\s+(?:an? |the )?(?:sticks?|balls?|rolls?|reels?|spools?)\s+of\s+(${numberPattern})\s*${unit}`,
        'iu',
      ),
    )
  if (!from) return 'From how long a stick or ball? Type it, like “from 3 m sticks”.'
  const [length, stickLength] = [inCentimetres(cut), inCentimetres(from)]
  if (typeof length === 'string') return length
  if (typeof stickLength === 'string') return stickLength
  if (!(length > 0)) return 'A length is above 0.'
  if (length > stickLength)
    return `A stick of ${stickLength} cm is shorter than a piece of ${length} cm. Take longer ones.`
  return { kind: 'lengths', length, from: '', stickLength }
}

function inCentimetres(found: RegExpExecArray): number | string {
  const value = readAmount(itemAt(found, 1))
  if (typeof value === 'string') return value
  const unit = unitFromText(itemAt(found, 2).replace('″', '"')) ?? 'cm'
  return Number(convertUnit(value, unit, 'cm').toPrecision(6))
}

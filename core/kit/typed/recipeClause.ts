import { itemAt } from '../../defined'
import type { Ingredient } from '../../plan'
import { numberPattern } from '../../quantity'
import { readAmount, type Take } from './amounts'

const part = String.raw`(${numberPattern})\s*(g|kg|ml|l)\s+(?:of )?(?:the )?([\p{L}][\p{L}\- ]*?)`
const join = String.raw`\s*(?:,\s*and\b|,|\band\b|\+|&)\s*`

/** What a mixture of several things is made from: "made from 100 g plain flour, 50 g salt and 50 mL water"; or what to type instead. */
export function takeRecipe(take: Take): Ingredient[] | string | null {
  const plain = part.replaceAll(/\((?!\?)/g, '(?:')
  const found = take(
    new RegExp(
      String.raw`[,(]?\s*\b(?:made|mixed)\s+(?:up\s+)?(?:from|of|out of)\s+(${plain}(?:${join}${plain})+)\s*(?=[,.;)]|\b(?:per|for|each|used|on|with|at)\b|$)\)?`,
      'iu',
    ),
  )
  if (!found) return null
  const ingredients: Ingredient[] = []
  for (const text of itemAt(found, 1).split(new RegExp(join, 'iu'))) {
    const read = new RegExp(`^${part}$`, 'iu').exec(text.trim())
    if (!read)
      return 'Type each thing that it is made from with its amount, like “100 g flour, 50 g salt and 50 mL water”.'
    const amount = readAmount(itemAt(read, 1))
    if (typeof amount === 'string') return amount
    const typed = itemAt(read, 2)
    ingredients.push({
      name: itemAt(read, 3).trim(),
      unit: /g$/i.test(typed) ? 'g' : 'mL',
      amount: /^(?:kg|l)$/i.test(typed) ? amount * 1000 : amount,
    })
  }
  return ingredients
}

import type { VariableWords } from '#core/class'
import type { CardPlace } from '#core/variables'
import { capital } from '#core/quantity'

/** What the places of the variables board are called, in the school's words. */
export function placeName(place: CardPlace, words: VariableWords): string {
  switch (place) {
    case 'could-change':
      return 'We could change'
    case 'could-measure':
      return 'We could measure'
    case 'changed':
      return capital(words.changed)
    case 'measured':
      return capital(words.measured)
    case 'kept-same':
      return capital(words.keptSame)
  }
}

/** The places that a card can go to, in the order in which the arrow keys walk through them. */
export const cardWays: Record<'change' | 'measure', CardPlace[]> = {
  change: ['could-change', 'changed', 'kept-same'],
  measure: ['could-measure', 'measured'],
}

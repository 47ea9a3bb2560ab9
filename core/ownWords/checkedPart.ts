import type { Plan } from '../plan'
import type { StatementFit } from './statementFit'
import type { ReadPart } from './readSentence'

/** A part of a sentence, with what the data say of it; *yours* where it was not wholly understood. */
export interface CheckedPart extends ReadPart {
  fit: StatementFit | 'yours'
  reason: string
  /** The plan by whose words it was understood: where several quantities are read, of the one that it speaks of. */
  plan: Plan
}

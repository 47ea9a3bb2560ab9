import type { NoteKind, QuestionSort } from '#core/wonder'

/** What the columns of the board are called, and what belongs there. */
export const noteWords: Record<NoteKind, { name: string; ask: string }> = {
  noticed: { name: 'Noticed', ask: 'What do we see, hear, feel?' },
  guessed: { name: 'Guessed', ask: 'What do we think is going on?' },
  asking: { name: 'Asking', ask: 'What do we want to know?' },
}

/** How a question can be answered. */
export const sortWords: Record<QuestionSort, string> = {
  test: 'test it ourselves',
  'look-up': 'look it up',
  ask: 'ask someone',
  unanswerable: 'cannot be answered',
}

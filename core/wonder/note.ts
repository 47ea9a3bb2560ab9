/** What a note on the board is: seen, supposed, or asked. */
export type NoteKind = 'noticed' | 'guessed' | 'asking'

/** Every kind of note, in the order of the board's columns. */
export const noteKinds: readonly NoteKind[] = ['noticed', 'guessed', 'asking']

/** How a question can be answered. */
export type QuestionSort = 'test' | 'look-up' | 'ask' | 'unanswerable'

/** Every way to answer a question, in the order a list offers them. */
export const questionSorts: readonly QuestionSort[] = ['test', 'look-up', 'ask', 'unanswerable']

/** One note of the class, around the stimulus. */
export interface Note {
  id: string
  kind: NoteKind
  text: string
  /** How a question can be answered, once the class has sorted it. */
  sort: QuestionSort | null
  /** The class has talked it over, so its wording is no longer put up for sorting. */
  settled: boolean
}

/** What the class wonders about: words, a photo or a sketch. */
export interface Stimulus {
  text: string
  /** Identifier of a photo or sketch. */
  picture: string | null
}

/** Nothing to wonder about yet. */
export const noStimulus: Stimulus = { text: '', picture: null }

/**
 * The notes with one more, or with one of them changed in its place.
 * @example withNote([a, b], { ...a, text: 'new' })[0].text // 'new'
 */
export function withNote(notes: readonly Note[], note: Note): Note[] {
  return notes.some((one) => one.id === note.id)
    ? notes.map((one) => (one.id === note.id ? note : one))
    : [...notes, note]
}

/** The most notes that a board can show and a class can talk about. */
export const wonderLimits = { notes: 120, noteLetters: 200, stimulusLetters: 600 } as const

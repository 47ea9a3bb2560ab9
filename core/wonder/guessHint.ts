import type { Note } from './note'

const signs: [wording: RegExp, hint: (found: string) => string][] = [
  [
    /\b(because|that[’']s why|since|so that)\b/i,
    (found) => `“${found}” gives a reason. Did we see the reason?`,
  ],
  [
    /\b(must|probably|maybe|perhaps|might|could be|i think|we think|i guess|should)\b/i,
    (found) => `“${found}” sounds like a guess. Did we see it?`,
  ],
  [
    /\b(wants?|likes?|trying|tries to|knows?|feels?)\b/i,
    (found) => `Can we see that something “${found}”, or do we suppose it?`,
  ],
  [
    /^(it|this|that)([’']s| is) (an?|the)\b/i,
    (found) => `“${found} …” says what it is. What did we see that tells us so?`,
  ],
  [/\b(will|going to)\b/i, (found) => `“${found}” is about later. Has it happened already?`],
]

/**
 * Asks about a note's wording when it sounds like a guess among things noticed. It suggests only: the teacher
 * and the class decide what was seen.
 * @returns a question to put to the class, or null when nothing in the wording asks for one
 * @example guessHint('It is heavy because it is wet') // '“because” gives a reason. Did we see the reason?'
 */
export function guessHint(text: string): string | null {
  for (const [wording, hint] of signs) {
    const found = wording.exec(text.trim())?.[0]
    if (found) return hint(found)
  }
  return null
}

/**
 * What to ask the class about a note: only of what stands under *noticed* and has not been talked over.
 * @example sortingHint(note) // '“because” gives a reason. Did we see the reason?'
 */
export function sortingHint({ kind, settled, text }: Note): string | null {
  return kind === 'noticed' && !settled ? guessHint(text) : null
}

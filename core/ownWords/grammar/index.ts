import nlp from 'compromise/three'
import type { ParsedWord } from '../parsedWord'

interface Term {
  text: string
  normal: string
  implicit?: string
  root?: string
  post: string
  tags?: string[]
}

/**
 * The words of a text with their plain forms. Apart from the rest, because its grammar is large: what needs it loads it by itself.
 * @example parseWords('The ball bounced twice.')[2].root // 'bounce'
 */
export function parseWords(text: string): ParsedWord[] {
  const view = nlp(text)
  view.compute('root')
  const sentences = view.json({ offset: false }) as { terms: Term[] }[]
  return sentences.flatMap(({ terms }) => terms.map(parsedWord))
}

function parsedWord({ text, normal, implicit, root, post, tags = [] }: Term): ParsedWord {
  const plain = (implicit || normal || text).toLowerCase()
  const isNumber = tags.includes('Value') && !tags.includes('Ordinal') && !tags.includes('Multiple')
  return {
    text,
    normal: plain,
    root: (root && !implicit ? root : plain).toLowerCase(),
    value: isNumber ? numberOf(text || plain) : null,
    stop: /[.,;:!?–—]/u.exec(post)?.[0] ?? '',
  }
}

function numberOf(word: string): number | null {
  const [digits] = /^\d+(?:[.,]\d+)?/.exec(word) ?? []
  if (digits !== undefined) return Number(digits.replace(',', '.'))
  const read = nlp(word).numbers().json() as { number?: { num: number | null } }[]
  return read[0]?.number?.num ?? null
}

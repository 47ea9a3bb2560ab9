/** What begins a cause. */
const because = /[\s,]*(?<![\p{L}’'])(?:because|since|cos|’cause|'cause|due to|thanks to)(?![\p{L}])/iu
/** What ends one. */
const thatsWhy = /[\s,.;]*(?<!\p{L})(?:(?:and|so) )?that(?:[’']?s| is| was) why(?!\p{L})[\s,]*/iu

/**
 * A sentence without the cause that is given for it, and that cause: it is the class's idea why, which no test of this kind checks.
 * @example splitCause('Tile was best because it is hard.') // { said: 'Tile was best.', why: 'because it is hard' }
 * // { said: 'Tile was best.', why: 'because it is hard' }
 */
export function splitCause(sentence: string): { said: string; why: string } {
  const after = thatsWhy.exec(sentence)
  if (after && after.index > 0)
    return {
      said: sentence.slice(after.index + after[0].length).trim(),
      why: sentence.slice(0, after.index).trim(),
    }
  const cause = because.exec(sentence)
  if (!cause) return { said: sentence, why: '' }
  const said = sentence.slice(0, cause.index).trim()
  const why = sentence
    .slice(cause.index)
    .replace(/^[\s,]+/, '')
    .replace(/[\s.!]+$/, '')
  return { said: said === '' || /[.!?]$/.test(said) ? said : `${said}.`, why }
}

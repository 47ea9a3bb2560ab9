/**
 * A name as it stands in a sentence: with its article, unless it brings one or is a question of its own.
 * @example theNamed('drop height') // 'the drop height'; theNamed('how far it rolls') // 'how far it rolls'
 */
export function theNamed(name: string): string {
  return articleBefore(name, 'the') + name
}

/**
 * What stands before a name in a sentence: an article and a space, or nothing.
 * @example articleBefore('measuring jug', 'a') // 'a '; articleBefore('egg timer', 'a') // 'an '
 */
export function articleBefore(name: string, article: 'a' | 'the'): string {
  const bare = name.trim()
  if (
    bare === '' ||
    /^(?:the|an?|our|my|each|every|how|who|what|which|where|when|whether|one|two)\b/i.test(bare)
  )
    return ''
  if (article === 'the') return 'the '
  // "Kitchen scales", and what is done rather than held ("counting by eye"), go without.
  if (/[^s]s$|^\w+ing(?:$| (?:by|in|with|on)\b)/i.test(bare)) return ''
  return /^(?:[aeio]|u(?!n[ai]|s[ei]))/i.test(bare) ? 'an ' : 'a '
}

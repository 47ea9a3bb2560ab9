/**
 * A text with a capital at its start.
 * @example capital('thick card') // 'Thick card'
 */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

/**
 * Things one after another, as they are read out.
 * @example listed(['tiles', 'wood', 'carpet']) // 'tiles, wood and carpet'
 */
export function listed(things: readonly string[]): string {
  // "rice and rice, and peas and peas": what has an "and" of its own needs a pause before the next.
  if (things.length > 1 && things.some((thing) => / and /u.test(thing)))
    return `${things.slice(0, -1).join(', ')}, and ${things.at(-1)}`
  return things.length < 2 ? (things[0] ?? '') : `${things.slice(0, -1).join(', ')} and ${things.at(-1)}`
}

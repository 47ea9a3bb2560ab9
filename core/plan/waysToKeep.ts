const ways: [about: RegExp, how: string[]][] = [
  [/\b(who|person|child|reader|thrower|hand)\b/i, ['the same child each time']],
  [/\b(temperature|warm\w*|heat|cold)\b/i, ['let it stand in the room first', 'the same at the start: … °C']],
  [/\b(time|minutes|seconds|long|wait\w*)\b/i, ['the same time by the clock', 'always … minutes']],
  [/\b(amount|volume|water|liquid|milk|juice|much)\b/i, ['the same amount: … mL', 'filled to the same line']],
  [/\b(mass|weight|weights|load|heavy|heavi\w*)\b/i, ['the same mass: … g', 'the same one every time']],
  [/\b(height|distance|length|width|size|area|far)\b/i, ['the same: … cm', 'cut with the same template']],
  [
    /\b(place|spot|floor|surface|table|light|lamp|wind|window)\b/i,
    ['the same spot for every try', 'all side by side'],
  ],
  [/\b(way|push|pull|drop\w*|throw\w*|stir\w*|pour\w*|start)\b/i, ['begin every try in the same way']],
]

/**
 * Usual ways to keep something the same, the likeliest first: a value to fill in, or a rule. Guessed from
 * the words of its name, so they suggest and no more.
 * @example waysToKeep('amount of water')[0] // 'the same amount: … mL'
 */
export function waysToKeep(name: string): string[] {
  const fitting = ways.flatMap(([about, how]) => (about.test(name) ? how : []))
  return [...new Set([...fitting, 'the same one every time'])].slice(0, 3)
}

/** One measured figure with what it should be. */
export interface Figure {
  name: string
  value: number
  unit: '%' | 'x' | 'ms' | 'kB' | ''
  /** What it should be at most or at least; none where it is only told. */
  goal: { most: number } | { least: number } | null
  note?: string
}

/**
 * Whether a figure is as it should be.
 * @example meets({ name: '', value: 4, unit: '%', goal: { most: 5 } }) // true
 */
export function meets({ value, goal }: Figure): boolean {
  if (!goal) return true
  return 'most' in goal ? value <= goal.most : value >= goal.least
}

/** A figure on a line: what it is, what it should be, and whether it is. */
export function figureLine(figure: Figure): string {
  const { name, value, unit, goal, note } = figure
  const digits = Math.abs(value) >= 100 ? 0 : 2
  const shown = `${value.toFixed(digits)}${unit === '%' ? ' %' : unit ? ` ${unit}` : ''}`
  const wanted = goal
    ? 'most' in goal
      ? `, goal at most ${goal.most}`
      : `, goal at least ${goal.least}`
    : ''
  return `${name}: ${shown}${wanted}${goal ? `  ${meets(figure) ? 'ok' : 'short'}` : ''}${note ? `  (${note})` : ''}`
}

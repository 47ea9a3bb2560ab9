import type { Plan } from '#core/plan'
import { measuredLabel } from '../words/measuredWords'
import { palette } from '../theme/palette'

/** Sizes for a teacher's screen or for the back row. */
export interface ChartSize {
  text: number
  symbol: number
  /** Without summary marks the wall shows dots only. */
  summary: boolean
}

export const { ink } = palette
const quiet = palette.line
/** The page's face, and the machine's own where that has not come yet. */
export const textFace = 'Atkinson Hyperlegible, system-ui, sans-serif'

export const chartText = (size: ChartSize) => ({
  color: ink,
  fontFamily: textFace,
  fontSize: size.text,
})
const bold = (size: ChartSize) => ({ ...chartText(size), fontWeight: 'bold' as const })
const axisLine = { show: true, onZero: false, lineStyle: { color: ink } }

/** What all charts share: type, room for the axes, and what is shown in words. */
export const chartFrame = (size: ChartSize, words: string, right = size.text * 1.6) => ({
  animationDuration: 300,
  aria: { enabled: true, label: { description: words } },
  textStyle: chartText(size),
  grid: { left: size.text * 3.2, right, top: size.text * 2.8, bottom: size.text * 3.4 },
  tooltip: { trigger: 'item', textStyle: { ...chartText(size), fontSize: 14 } },
})

/** The axis along the bottom, with its name beneath. */
export const alongAxis = (size: ChartSize, name: string) => ({
  type: 'value' as const,
  name,
  nameLocation: 'middle' as const,
  nameGap: size.text * 2.1,
  nameTextStyle: bold(size),
  axisLabel: chartText(size),
  axisLine,
  splitLine: { show: false },
})

/** The axis of what is measured, its name with the unit on top. */
export const measuredAxis = (size: ChartSize, plan: Plan) => ({
  type: 'value' as const,
  name: measuredLabel(plan),
  nameLocation: 'end' as const,
  nameGap: size.text * 1.1,
  nameTextStyle: { ...bold(size), align: 'left', padding: [0, 0, 0, -size.text * 2.6] },
  axisLabel: chartText(size),
  axisLine,
  splitLine: { lineStyle: { color: quiet, type: 'dashed' } },
})

/** Names come from people: what looks like markup must stay text. */
export const asText = (words: string) => words.replace(/[<>&]/g, '')

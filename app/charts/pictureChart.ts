import type { EChartsCoreOption } from 'echarts/core'
import type { Plan } from '#core/plan'
import type { Picture } from '#core/recording'
import type { Tester } from '#core/lesson'
import { curvesChart, curvesWords } from './curvesChart'
import type { ChartSize } from './frame'
import { pairedChart, pairedWords } from './pairedChart'
import { stackedChart, stackedWords } from './stackedChart'
import { stepsChart, stepsWords } from './stepsChart'
import { tilesChart, tilesWords } from './tilesChart'

/** What a lesson's readings are drawn from: the plan as it is read, not as it is scored. */
export interface PictureData {
  plan: Plan
  groups: Tester[]
  picture: Picture
  /** Whether time is in days, or in minutes. */
  byDay: boolean
}

/** A picture as a chart, and the same in words for those who do not see it. */
export function pictureChart(
  { picture, ...data }: PictureData,
  size: ChartSize,
): { option: EChartsCoreOption; words: string } {
  switch (picture.kind) {
    case 'curves': {
      const drawn = { ...data, curves: picture.curves }
      return { option: curvesChart(drawn, size), words: curvesWords(drawn) }
    }
    case 'paired':
      return {
        option: pairedChart({ ...data, picture }, size),
        words: pairedWords({ ...data, picture }),
      }
    case 'stacked':
      return {
        option: stackedChart({ ...data, picture }, size),
        words: stackedWords({ ...data, picture }),
      }
    case 'tiles': {
      const drawn = { ...data, tiles: picture.tiles }
      return { option: tilesChart(drawn, size), words: tilesWords(drawn) }
    }
    case 'steps': {
      const drawn = { ...data, steps: picture.steps }
      return { option: stepsChart(drawn, size), words: stepsWords(drawn) }
    }
  }
}

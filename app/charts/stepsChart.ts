import { itemAt } from '#core/defined'
import type { EChartsCoreOption } from 'echarts/core'
import { levelName, orderedLevels, printResult, type Plan } from '#core/plan'
import { middlesOf, type RoundSteps } from '#core/recording'
import type { Tester } from '#core/lesson'
import { emblemLooks } from '../theme/emblems'
import { alongAxis, asText, chartFrame, chartText, ink, measuredAxis, type ChartSize } from './frame'

/** What results from round to round are drawn from. */
export interface StepsData {
  plan: Plan
  groups: Tester[]
  steps: readonly RoundSteps[]
}

/** Each group from round to round, its best round ringed; the middle of the groups thick. */
export function stepsChart(data: StepsData, size: ChartSize): EChartsCoreOption {
  const { plan, groups, steps } = data
  const rounds = orderedLevels(plan)
  return {
    ...chartFrame(size, stepsWords(data)),
    xAxis: {
      ...alongAxis(size, plan.changed.name),
      min: -0.5,
      max: rounds.length - 0.5,
      axisLabel: {
        ...chartText(size),
        customValues: rounds.map((_, place) => place),
        formatter: (place: number) => levelName(plan, itemAt(rounds, place)),
      },
      axisTick: { customValues: rounds.map((_, place) => place) },
    },
    yAxis: { ...measuredAxis(size, plan), min: 0 },
    series: [
      ...(size.summary && plan.summary !== 'none'
        ? [
            {
              type: 'line',
              step: 'middle',
              name: 'all groups',
              data: middlesOf(data.steps, rounds.length).flatMap((value, round) =>
                value === null ? [] : [[round, value]],
              ),
              symbol: 'none',
              lineStyle: { color: ink, width: 3.5 },
              z: 1,
            },
          ]
        : []),
      ...steps.flatMap(({ groupId, results, altered, best }) => {
        const place = groups.findIndex((group) => group.id === groupId)
        const group = groups[place]
        if (!group) return []
        const aside = groups.length > 1 ? (place / (groups.length - 1) - 0.5) * 0.5 : 0
        const { path, colour } = emblemLooks[group.emblem]
        return [
          {
            type: 'line',
            step: 'middle',
            name: asText(group.name),
            data: results.flatMap((value, round) => {
              if (value === null) return []
              const isBest = round === best
              const was = altered[round] ? `, altered: ${altered[round]}` : ''
              const name = `${group.name}, ${levelName(plan, itemAt(rounds, round))}`
              return [
                {
                  value: [round + aside, value],
                  words: `${name}: ${printResult(plan, value, 1)}${isBest ? ', its best' : ''}${was}`,
                  symbolSize: isBest ? size.symbol * 1.7 : size.symbol,
                  label: isBest
                    ? {
                        show: true,
                        position: 'top',
                        formatter: 'best',
                        fontSize: size.text * 0.8,
                        color: ink,
                      }
                    : { show: false },
                },
              ]
            }),
            symbol: `path://${path}`,
            symbolKeepAspect: true,
            lineStyle: { color: colour, width: 1, opacity: 0.5 },
            itemStyle: { color: colour },
            z: 2,
            tooltip: { formatter: (point: { data: { words: string } }) => asText(point.data.words) },
          },
        ]
      }),
    ],
  }
}

/** The chart in words, for those who do not see it. */
export function stepsWords(data: Omit<StepsData, 'groups'>): string {
  const { plan } = data
  const rounds = orderedLevels(plan)
  const said = middlesOf(data.steps, rounds.length).flatMap((value, round) =>
    value === null ? [] : [`${levelName(plan, itemAt(rounds, round))}, ${printResult(plan, value, 1)}`],
  )
  return said.length === 0
    ? 'No round has a result yet.'
    : `${plan.measured.name} from round to round: ${said.join('; ')}.`
}

import { itemAt } from '#core/defined'
import type { Tiles } from '#core/recording'
import { palette } from '../theme/palette'
import { asText, chartText, ink, type ChartSize } from './frame'

/** How much of a chart of tiles its podium takes, in percent of the height: less where many rows stand below it. */
export const podiumRoom = ({ podium, rows }: Tiles): number =>
  podium === undefined ? 0 : rows.length > 5 ? 32 : 42

/** The rows of a chart of tiles as steps from the best down: each with its mean within and its name beneath, on a second pair of axes. */
export function podiumParts(tiles: Tiles, size: ChartSize) {
  const { podium, rows } = tiles
  if (podium === undefined) return { grid: [], xAxis: [], yAxis: [], series: [] }
  return {
    grid: [{ left: size.text, right: size.text, top: '3%', height: `${podiumRoom(tiles) - 14}%` }],
    xAxis: [
      {
        type: 'category',
        gridIndex: 1,
        data: podium.map(({ row }) => asText(itemAt(rows, row))),
        axisLabel: { ...chartText(size), interval: 0, overflow: 'truncate', width: size.text * 7 },
        axisTick: { show: false },
        axisLine: { lineStyle: { color: ink } },
      },
    ],
    yAxis: [{ type: 'value', gridIndex: 1, show: false, min: 0, max: 1 }],
    series: [
      {
        type: 'bar',
        xAxisIndex: 1,
        yAxisIndex: 1,
        barCategoryGap: '4%',
        data: podium.map(({ row, text, height }) => ({
          value: height,
          words: `${itemAt(rows, row)}: mean ${text}`,
          label: { formatter: `mean ${text}` },
        })),
        itemStyle: { color: palette.teal, borderColor: ink, borderWidth: 1, borderRadius: [4, 4, 0, 0] },
        label: {
          show: true,
          position: 'insideTop',
          ...chartText(size),
          color: '#ffffff',
          fontWeight: 'bold',
        },
        tooltip: { formatter: (point: { data: { words: string } }) => asText(point.data.words) },
      },
    ],
  }
}

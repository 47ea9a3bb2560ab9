import { itemAt, defined } from '#core/defined'
import type { CustomSeriesRenderItemAPI, CustomSeriesRenderItemParams } from 'echarts'
import type { EChartsCoreOption } from 'echarts/core'
import type { Tiles } from '#core/recording'
import type { Tester } from '#core/lesson'
import { emblemLooks, type EmblemLook } from '../theme/emblems'
import { alongAxis, asText, chartFrame, chartText, ink, textFace, type ChartSize } from './frame'
import { podiumParts, podiumRoom } from './podium'

/** What rows and columns of words or places are drawn from. */
export interface TilesData {
  groups: Tester[]
  tiles: Tiles
}

const [light, dark] = [
  [238, 243, 238],
  [11, 94, 94],
] as const

/** Words or places in rows and columns, the darker the further along; each says its own, so that it is read in black and white too. */
export function tilesChart(data: TilesData, size: ChartSize): EChartsCoreOption {
  const { tiles, groups } = data
  const most = Math.max(1, ...tiles.rows.map((name) => name.length))
  const byGroup = tiles.columns.some(({ groupId }) => groupId !== null)
  const room = Math.min(size.text * 13, size.text * 0.62 * most + size.text)
  const frame = chartFrame(size, tilesWords(data))
  const axis = { axisTick: { show: false }, axisLine: { show: false }, splitLine: { show: false } }
  const podium = podiumParts(tiles, size)
  const above = byGroup ? size.symbol * 2 : size.text
  return {
    ...frame,
    grid: [
      {
        left: room + size.text,
        right: size.text,
        top: tiles.podium ? `${podiumRoom(tiles) + 9}%` : above,
        bottom: size.text * 3.4,
      },
      ...podium.grid,
    ],
    xAxis: [
      {
        ...alongAxis(size, tiles.of.columns),
        ...axis,
        type: 'category',
        data: tiles.columns.map(({ head }) => asText(head)),
        axisLabel: { ...chartText(size), interval: 0, hideOverlap: true },
      },
      ...podium.xAxis,
    ],
    yAxis: [
      {
        type: 'category',
        inverse: true,
        data: tiles.rows.map(asText),
        ...axis,
        axisLabel: { ...chartText(size), width: room, overflow: 'truncate', interval: 0 },
      },
      ...podium.yAxis,
    ],
    series: [
      {
        type: 'custom',
        data: tiles.cells.map((cell) => ({
          value: [cell.column, cell.row, cell.share],
          words: `${itemAt(tiles.rows, cell.row)}, ${columnSaid(data, cell.column)}: ${cell.text}`,
        })),
        renderItem: tileDrawn(tiles, size),
        tooltip: { formatter: (point: { data: { words: string } }) => asText(point.data.words) },
      },
      ...podium.series,
      ...tiles.columns.flatMap(({ groupId }, column) => {
        const group = groups.find((one) => one.id === groupId)
        if (!group) return []
        return [
          {
            type: 'custom',
            name: group.name,
            data: [[column, 0]],
            renderItem: emblemDrawn(emblemLooks[group.emblem], size),
            silent: true,
            z: 3,
          },
        ]
      }),
    ],
  }
}

/** The sign of a group above the first of its tiles. */
function emblemDrawn({ path, colour }: EmblemLook, size: ChartSize) {
  return (_params: CustomSeriesRenderItemParams, api: CustomSeriesRenderItemAPI) => {
    const [x, y] = api.coord([api.value(0), 0]) as [number, number]
    const [, height] = defined(api.size)([1, 1]) as [number, number]
    const side = size.symbol * 1.3
    return {
      type: 'path' as const,
      shape: { pathData: path, x: x - side / 2, y: y - height / 2 - side - 3, width: side, height: side },
      style: { fill: colour },
    }
  }
}

function tileDrawn(tiles: Tiles, size: ChartSize) {
  return (params: CustomSeriesRenderItemParams, api: CustomSeriesRenderItemAPI) => {
    const cell = itemAt(tiles.cells, params.dataIndex)
    const [x, y] = api.coord([cell.column, cell.row]) as [number, number]
    const [width, height] = defined(api.size)([1, 1]) as [number, number]
    const shape = {
      x: x - width / 2 + 1.5,
      y: y - height / 2 + 1.5,
      width: width - 3,
      height: height - 3,
      r: 4,
    }
    return {
      type: 'group' as const,
      children: [
        { type: 'rect' as const, shape, style: { fill: shade(cell.share), stroke: ink, lineWidth: 0.5 } },
        {
          type: 'text' as const,
          style: {
            text: asText(cell.text),
            x,
            y,
            align: 'center' as const,
            verticalAlign: 'middle' as const,
            width: width - 6,
            overflow: 'truncate' as const,
            fill: cell.share > 0.5 ? '#ffffff' : ink,
            fontFamily: textFace,
            fontSize: size.text,
            fontWeight: 'bold' as const,
          },
        },
      ],
    }
  }
}

/** From light to dark. */
function shade(share: number): string {
  const at = light.map((from, index) => Math.round(from + (defined(dark[index]) - from) * share))
  return `rgb(${at.join(',')})`
}

function columnSaid({ tiles, groups }: TilesData, column: number): string {
  const { head, groupId } = itemAt(tiles.columns, column)
  const group = groups.find((one) => one.id === groupId)?.name ?? ''
  const isNamed = head === '' || head === tiles.of.columns
  return [group, isNamed ? head : `${tiles.of.columns} ${head}`].filter(Boolean).join(' ')
}

/** The chart in words, for those who do not see it. */
export function tilesWords(data: TilesData): string {
  const { tiles } = data
  const rows = tiles.rows.map((name, row) => {
    const step = tiles.podium?.find((one) => one.row === row)
    const cells = tiles.cells.filter((cell) => cell.row === row)
    const said = cells.map((cell) => `${columnSaid(data, cell.column)} ${cell.text}`)
    return `${name}: ${[...(step ? [`mean ${step.text}`] : []), ...said].join(', ')}`
  })
  return tiles.cells.length === 0 ? 'Nothing has been seen yet.' : `${rows.join('; ')}.`
}

import { expect, it } from 'vitest'
import { chunkByFace, type BundledModule } from './chunkByFace'

const page = (name: string) => `/jolly/app/pages/${name}.vue`
const [home, plan, compare, sheet, board] = [
  page('index'),
  page('lessons/[id]/plan'),
  page('lessons/[id]/compare'),
  page('sheet/[id]/[groupId]'),
  page('board/[id]'),
]

/** The file of each module, where modules import each other like this: at their head, or later. */
function files(
  imports: Record<string, { head?: string[]; later?: string[] }>,
): Record<string, string | undefined> {
  const of = (id: string): BundledModule => ({
    isEntry: id === 'entry',
    importers: Object.keys(imports).filter((one) => imports[one]!.head?.includes(id)),
    dynamicImporters: Object.keys(imports).filter((one) => imports[one]!.later?.includes(id)),
  })
  const chunk = chunkByFace()
  const ids = new Set(
    Object.entries(imports).flatMap(([id, { head = [], later = [] }]) => [id, ...head, ...later]),
  )
  return Object.fromEntries([...ids].map((id) => [id, chunk(id, { getModuleInfo: of })]))
}
const pages = { entry: { head: ['vue'], later: [home, plan, compare, sheet, board] } }

it('what the application needs is in the entry, and all pages of a face are one file', () => {
  expect(
    files({
      ...pages,
      [plan]: { head: ['words', 'vue'] },
      [compare]: { head: ['table'] },
      table: { head: ['words'] },
    }),
  ).toMatchObject({
    entry: 'entry',
    vue: 'entry',
    [plan]: 'desk',
    [compare]: 'desk',
    words: 'desk',
    table: 'desk',
  })
})

it('what faces share is one file, and a Sheet’s is without what only the teacher’s screens share', () => {
  expect(
    files({
      ...pages,
      [plan]: { head: ['core', 'kit'] },
      [home]: { head: ['kit'] },
      [sheet]: { head: ['core'] },
    }),
  ).toMatchObject({ core: 'shared', kit: 'teacher', [sheet]: 'sheet', [home]: 'school' })
})

it('what is asked for later is a file of its face, or of all that ask, with what it alone needs', () => {
  expect(
    files({
      ...pages,
      [plan]: { head: ['dialog'], later: ['panel'] },
      [sheet]: { later: ['dialog'] },
      panel: { head: ['slider'] },
    }),
  ).toMatchObject({ panel: 'desk-later', slider: 'desk-later', dialog: 'later' })
})

it('what a first screen shows never waits for what comes later', () => {
  const found = files({
    ...pages,
    entry: { ...pages.entry, later: [...pages.entry.later, 'notice'] },
    [plan]: { head: ['overlay'] },
    [board]: { head: ['overlay'] },
    notice: { head: ['overlay'] },
  })
  expect(found).toMatchObject({ notice: 'later', overlay: 'shared' })
})

it('the library of charts is a file of its own', () => {
  const library = '/jolly/node_modules/echarts/core.js'
  expect(files({ ...pages, [compare]: { later: [library] } })[library]).toBe('charts')
})

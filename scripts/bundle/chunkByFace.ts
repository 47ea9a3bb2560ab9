import { defined } from '../../core/defined'

/** What the bundler knows of a module, as far as files are chosen by it. */
export interface BundledModule {
  isEntry: boolean
  importers: readonly string[]
  dynamicImporters: readonly string[]
}

/** The face that a page belongs to: all its pages are one file, so that the next stage of a lesson is there before it is opened. */
const faces: [face: string, page: RegExp][] = [
  ['desk', /\/app\/pages\/lessons\//],
  ['sheet', /\/app\/pages\/sheet\//],
  ['board', /\/app\/pages\/board\//],
  ['print', /\/app\/pages\/print\//],
  ['school', /\/app\/pages\//],
]
const faceOf = (id: string) => faces.find(([, page]) => page.test(id))?.[0]

/** The library that charts are drawn with: it is half of all there is, and few screens draw one. */
const charts = /\/node_modules\/(echarts|zrender|vue-echarts|tslib)\/|\/app\/charts\/echarts\.ts/

/**
 * Gives each module the file that it is fetched in, so that what is fetched together is one file: what every page needs is in the
 * entry, the pages of a face are a file, what faces share is another, and what no first screen shows comes later. Left alone, Rollup
 * makes a file for each set of pages that share something, which is over a hundred for one screen.
 * @returns chooses the file's name by a module's path; undefined where nothing imports the module
 * @example
 * manualChunks: chunkByFace() // "app/pages/board/[id].vue" → "board"
 */
export function chunkByFace(): (id: string, rollup: { getModuleInfo: Lookup }) => string | undefined {
  return (id, { getModuleInfo }) => {
    if (charts.test(id)) return 'charts'
    const roots = rootsOf(id, getModuleInfo)
    if (roots.some((root) => defined(getModuleInfo(root)).isEntry)) return 'entry'
    const showing = new Set(roots.flatMap((root) => faceOf(root) ?? []))
    const asking = facesAsking(roots, getModuleInfo)
    // A tablet fetches nothing that only the teacher's screens share.
    if (showing.size > 1)
      return [...showing, ...asking].some((face) => ['sheet', 'every'].includes(face)) ? 'shared' : 'teacher'
    const [shown] = showing
    if (asking.every((face) => face === shown)) return shown
    return !shown && asking.length === 1 && asking[0] !== 'every' ? `${asking[0]}-later` : 'later'
  }
}

type Lookup = (id: string) => BundledModule | null

/** The entry, pages, and parts that come later from which a module is reached by imports at their head. */
function rootsOf(id: string, getModuleInfo: Lookup): string[] {
  const seen = new Set([id])
  // A set that grows is walked to its end.
  for (const current of seen)
    for (const importer of defined(getModuleInfo(current)).importers) seen.add(importer)
  return [...seen].filter((one) => {
    const { isEntry, dynamicImporters } = defined(getModuleInfo(one))
    return isEntry || dynamicImporters.length > 0
  })
}

/** The faces on whose pages some of these parts may be asked for later; "every" where the application itself may ask. */
function facesAsking(roots: string[], getModuleInfo: Lookup): string[] {
  const parts = new Set(roots.filter((root) => !faceOf(root)))
  const asking = new Set<string>()
  for (const part of parts)
    for (const importer of defined(getModuleInfo(part)).dynamicImporters)
      for (const root of rootsOf(importer, getModuleInfo)) {
        if (defined(getModuleInfo(root)).isEntry) asking.add('every')
        else if (faceOf(root)) asking.add(defined(faceOf(root)))
        else parts.add(root)
      }
  return [...asking]
}

/** The files that each face cannot do without, by the build. */
export type FaceFiles = Record<string, { scripts: string[]; styles: string[] }>

const faces: [face: string, path: RegExp][] = [
  ['desk', /^\/lessons\//],
  ['sheet', /^\/sheet\//],
  ['board', /^\/board\//],
  ['print', /^\/print\//],
  ['school', /^\//],
]
/** Where a chart is part of the first screen. */
const withCharts = /^\/(?:lessons\/[^/]+\/compare|board\/[^/]+|print\/[^/]+\/(?:poster|journal))$/
const ofLesson = /^\/(?:lessons|sheet|board|print|packing)\/(?<id>[\w-]+)(?:\/(?<stage>\w+))?/
const withPack = ['plan', 'pack', 'test']

/**
 * Gives the links that announce to a browser, with the first bytes of a page, all that its first screen needs: without them it learns
 * of a page's files when the entry has run, and of its data when those have.
 * @param path what was asked for, without its query
 * @param files what the build made for each face
 * @param fonts what the words of every page are written in
 * @example preloadLinks('/board/b7', {}, []) // '<link rel="preload" as="fetch" crossorigin href="/api/lessons/b7">'
 */
export function preloadLinks(path: string, files: FaceFiles, fonts: string[]): string {
  const face = faces.find(([, own]) => own.test(path))?.[0]
  const parts = [face, withCharts.test(path) ? 'charts' : undefined].flatMap(
    (name) => (name && files[name]) || [],
  )
  const unique = (names: string[]) => [...new Set(names)]
  return [
    ...unique(parts.flatMap(({ styles }) => styles)).map(
      (file) => `<link rel="stylesheet" href="/_nuxt/${file}">`,
    ),
    ...unique(parts.flatMap(({ scripts }) => scripts)).map(
      (file) => `<link rel="modulepreload" as="script" crossorigin href="/_nuxt/${file}">`,
    ),
    ...fonts.map(
      (file) => `<link rel="preload" as="font" type="font/woff2" crossorigin href="/_nuxt/${file}">`,
    ),
    ...dataOf(path).map((address) => `<link rel="preload" as="fetch" crossorigin href="${address}">`),
  ].join('')
}

function dataOf(path: string): string[] {
  if (path === '/') return ['/api/classes', '/api/lessons', '/api/investigations']
  const { id, stage } = ofLesson.exec(path)?.groups ?? {}
  if (!id) return []
  const packed = path.startsWith('/lessons/') && withPack.includes(stage ?? '')
  return [`/api/lessons/${id}`, ...(packed ? [`/api/lessons/${id}/pack`] : [])]
}

import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs'
import { basename, dirname, join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'
import { expect, it } from 'vitest'

const root = fileURLToPath(new URL('..', import.meta.url))
const aliases = ['core', 'shared', 'demo', 'starters']

const sources = ['core', 'shared', 'server', 'app', 'starters', 'demo', 'scripts', 'benchmarks'].flatMap(
  (folder) =>
    readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
      .filter((file) => /\.(?:ts|vue)$/.test(file) && !/\.(?:test|d)\.ts$/.test(file))
      .map((file) => join(folder, file)),
)

/** The file that an import names, from the root; null for a package. */
function named(from: string, name: string): string | null {
  const alias = aliases.find((one) => name === `#${one}` || name.startsWith(`#${one}/`))
  const path = alias
    ? join(root, name.slice(1))
    : name.startsWith('.')
      ? join(root, dirname(from), name)
      : null
  if (path === null) return null
  const found = [path, `${path}.ts`, join(path, 'index.ts')].find(
    (one) => existsSync(one) && statSync(one).isFile(),
  )
  return found ? relative(root, found) : null
}

/** Components are used by their names, without an import. */
const components = new Map(
  sources
    .filter((file) => file.startsWith('app/components/') && file.endsWith('.vue'))
    .map((file) => [basename(file, '.vue'), file]),
)

const arrows = new Map(
  sources.map((file) => {
    const text = readFileSync(join(root, file), 'utf8')
    const names = [...text.matchAll(/(?:from|import)[ (]'([^']+)'/g)].map((one) => one[1]!)
    const shown = file.endsWith('.vue') ? [...text.matchAll(/<([A-Z]\w+)/g)].map((one) => one[1]!) : []
    return [
      file,
      [
        ...names.flatMap((name) => named(file, name) ?? []),
        ...shown.flatMap((name) => components.get(name) ?? []),
      ],
    ] as const
  }),
)

/** The first way along the arrows that comes back to where it began. */
function circle(): string[] | null {
  const done = new Set<string>()
  const walk = (file: string, path: string[]): string[] | null => {
    if (path.includes(file)) return [...path.slice(path.indexOf(file)), file]
    if (done.has(file)) return null
    for (const next of arrows.get(file) ?? []) {
      const found = walk(next, [...path, file])
      if (found) return found
    }
    done.add(file)
    return null
  }
  for (const file of arrows.keys()) {
    const found = walk(file, [])
    if (found) return found
  }
  return null
}

it('imports drawn as arrows have no circle', () => {
  expect(circle()).toBeNull()
})

it('a face shows nothing of another, and what all may show shows nothing of theirs', () => {
  const faces = ['desk', 'board', 'sheet', 'print']
  const faceOf = (file: string) => faces.find((face) => file.startsWith(`app/components/${face}/`))
  const stray = [...arrows].flatMap(([file, to]) =>
    file.startsWith('app/components/')
      ? to.filter((one) => faceOf(one) && faceOf(one) !== faceOf(file)).map((one) => `${file} → ${one}`)
      : [],
  )
  expect(stray).toEqual([])
})

it('no file is longer than 300 lines without a reason in its first line', () => {
  const long = sources.filter((file) => {
    const lines = readFileSync(join(root, file), 'utf8').split('\n')
    return lines.length > 301 && !lines[0]!.startsWith('// ')
  })
  expect(long).toEqual([])
})

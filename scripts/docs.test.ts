import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { describe, expect, it } from 'vitest'

const docs = [
  'README.md',
  'CONTRIBUTING.md',
  ...readdirSync('docs')
    .filter((file) => file.endsWith('.md'))
    .map((file) => join('docs', file)),
]
const { scripts } = JSON.parse(readFileSync('package.json', 'utf8')) as { scripts: Record<string, string> }
const roots = [
  'app',
  'benchmarks',
  'core',
  'demo',
  'docs',
  'scripts',
  'server',
  'shared',
  'starters',
  'tests',
]

/** The code spans of a document. */
const codeIn = (text: string) => [...text.matchAll(/`([^`\n]+)`/g)].map((found) => found[1]!)

/** Paths of the repository among them, which begin with one of its folders. */
const pathsIn = (text: string) =>
  codeIn(text).flatMap((code) =>
    code
      .split(/\s+/)
      .filter(
        (word) => roots.includes(word.split('/')[0]!) && /^[\w./[\]-]+$/.test(word) && word.includes('/'),
      ),
  )

/** Targets of links inside the repository. */
const linksIn = (text: string) => [...text.matchAll(/\]\((?!https?:|#)([^)#\s]+)/g)].map((found) => found[1]!)

/** Names of scripts that somebody is told to run. */
const commandsIn = (text: string) => [...text.matchAll(/npm run ([\w:-]+)/g)].map((found) => found[1]!)

describe.each(docs)('%s', (file) => {
  const text = readFileSync(file, 'utf8')

  it('names only files and folders that exist', () => {
    expect(pathsIn(text).filter((path) => !existsSync(path))).toEqual([])
  })

  it('links only to what exists', () => {
    expect(linksIn(text).filter((link) => !existsSync(join(dirname(file), link)))).toEqual([])
  })

  it('tells to run only scripts of the package', () => {
    expect(commandsIn(text).filter((name) => !(name in scripts))).toEqual([])
  })
})

it('finds paths, links and commands to check', () => {
  const all = docs.map((file) => readFileSync(file, 'utf8')).join('\n')
  expect(pathsIn(all).length).toBeGreaterThan(30)
  expect(linksIn(all).length).toBeGreaterThan(10)
  expect(commandsIn(all).length).toBeGreaterThan(10)
})

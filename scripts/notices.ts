import { defined } from '#core/defined'
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

interface Package {
  name: string
  version: string
  license?: string
  dependencies?: Record<string, string>
}

const root = fileURLToPath(new URL('..', import.meta.url))
const noticesFile = join(root, 'public', 'third-party-notices.txt')
/** What goes into every page as it is: their licences ask to travel along in full. */
const inFull = ['@fontsource-variable/lexend', '@fontsource/atkinson-hyperlegible', '@mdi/js', 'echarts']

const packageIn = (folder: string) =>
  JSON.parse(readFileSync(join(folder, 'package.json'), 'utf8')) as Package
const textsIn = (folder: string) =>
  readdirSync(folder)
    .filter((file) => /^(licen[cs]e|notice)(\.|$)/i.test(file))
    .sort()
    .map((file) => readFileSync(join(folder, file), 'utf8').trim())

/** What this application is made with: every package that it names, and in full the licences of fonts, icons and charts. */
export function thirdPartyNotices(): string {
  const { dependencies } = packageIn(root)
  const packages = Object.keys(defined(dependencies))
    .sort()
    .map((name) => ({
      folder: join(root, 'node_modules', name),
      ...packageIn(join(root, 'node_modules', name)),
    }))
  const list = packages.map(
    ({ name, version, license }) => `${name} ${version}: ${license ?? 'see its own files'}`,
  )
  const full = packages
    .filter(({ name }) => inFull.includes(name))
    .map(({ name, folder }) => [`--- ${name} ---`, ...textsIn(folder)].join('\n\n'))
  return `${['Jolly Beaker is made with these packages, under their own licences.', list.join('\n'), ...full].join('\n\n')}\n`
}

/** The notices as they were last written. */
export const writtenNotices = () => readFileSync(noticesFile, 'utf8')

if (process.argv[1] === fileURLToPath(import.meta.url)) writeFileSync(noticesFile, thirdPartyNotices())

import { spawnSync } from 'node:child_process'
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { parse } from 'vue/compiler-sfc'

/**
 * Finds promises that nobody waits for: they fail unheard, so each is awaited, or marked as let go with void. This one rule needs the
 * types of everything, which the compiler in Go has in a tenth of the time and a third of the memory. It reads no components, so their
 * scripts are laid beside as files, line for line.
 */
const copies = '.nuxt/scripts-of-components'
rmSync(copies, { recursive: true, force: true })
const components = readdirSync('app', { recursive: true, encoding: 'utf8' }).filter((name) =>
  name.endsWith('.vue'),
)
const copied = components.map((component) => {
  const copy = join(copies, 'app', `${component}.ts`)
  mkdirSync(dirname(copy), { recursive: true })
  writeFileSync(copy, scriptsOf(readFileSync(join('app', component), 'utf8')))
  return copy
})
const configuration = {
  extends: '../tsconfig.app.json',
  // What a script imports from beside itself lies in the one folder or in the other.
  compilerOptions: { rootDirs: ['../../app', './app'] },
  include: ['./app', '../nuxt.d.ts'],
}
writeFileSync(join(copies, 'tsconfig.json'), JSON.stringify(configuration))

const { status } = spawnSync(
  'node_modules/.bin/oxlint',
  [
    ...['--type-aware', '--allow', 'all', '--deny', 'typescript/no-floating-promises'],
    ...['app', 'benchmarks', 'scripts', 'server', 'tests'],
    ...copied,
  ],
  { stdio: 'inherit' },
)
process.exitCode = status ?? 1

/** The scripts of a component, each on the lines where it stands. */
function scriptsOf(component: string): string {
  const { script, scriptSetup } = parse(component).descriptor
  const kept = new Set<number>()
  for (const block of [script, scriptSetup])
    if (block) for (let line = block.loc.start.line; line < block.loc.end.line; line++) kept.add(line)
  return component
    .split('\n')
    .map((line, index) => (kept.has(index + 1) && !/^<.?script/.test(line) ? line : ''))
    .join('\n')
}

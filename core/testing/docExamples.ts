import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import typescript from 'typescript'

/** One example of a docstring: an expression, and what it gives. */
export interface DocExample {
  file: string
  line: number
  code: string
  /** As it is written behind the code; empty where nothing is said. */
  told: string
}

const pattern = /^\s*\* @example (?<code>.+?)(?:\s+\/\/ (?<told>.+?))?(?:\s*\*\/)?$/

/** All examples in the docstrings of a folder, file by file. */
export function docExamples(folder: string): DocExample[] {
  const files = readdirSync(folder, { recursive: true, encoding: 'utf8' })
  return files
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
    .sort()
    .flatMap((file) =>
      readFileSync(join(folder, file), 'utf8')
        .split('\n')
        .flatMap((text, index) => {
          const found = pattern.exec(text)?.groups
          return found ? [{ file, line: index + 1, code: found.code!, told: found.told ?? '' }] : []
        }),
    )
}

/** The value at the beginning of what is told: what comes behind it is said to people. */
export function toldValue(told: string): string | null {
  const simple =
    /^(?:'(?:[^'\\]|\\.)*'|"(?:[^"\\]|\\.)*"|[-−]?[\d.]+(?: ?\/ ?\d+)?|true|false|null|undefined)/.exec(told)
  if (simple) return simple[0].replace(/^−/, '-').replace(/\.$/, '')
  if (!/^[[{]/.test(told)) return null
  let depth = 0
  for (const [index, letter] of [...told].entries()) {
    if ('[{('.includes(letter)) depth++
    if (']})'.includes(letter) && --depth === 0) return told.slice(0, index + 1)
  }
  return null
}

/** Names that an expression takes from around it. */
export function freeNames(code: string): string[] {
  const source = typescript.createSourceFile('example.ts', `(${code})`, typescript.ScriptTarget.Latest, true)
  const bound = new Set<string>()
  const used = new Set<string>()
  const visit = (node: typescript.Node): void => {
    if (typescript.isParameter(node) || typescript.isBindingElement(node)) collect(node.name)
    if (typescript.isIdentifier(node) && isUse(node)) used.add(node.text)
    typescript.forEachChild(node, visit)
  }
  const collect = (name: typescript.BindingName): void => {
    if (typescript.isIdentifier(name)) bound.add(name.text)
  }
  visit(source)
  return [...used].filter((name) => !bound.has(name))
}

function isUse(node: typescript.Identifier): boolean {
  const { parent } = node
  if (typescript.isPropertyAccessExpression(parent)) return parent.expression === node
  if (typescript.isPropertyAssignment(parent)) return parent.initializer === node
  return !typescript.isParameter(parent) && !typescript.isBindingElement(parent)
}

/** What an expression gives, with these names around it. */
export function evaluate(code: string, names: Readonly<Record<string, unknown>>): unknown {
  const { outputText } = typescript.transpileModule(`(${code})`, {
    compilerOptions: { target: typescript.ScriptTarget.ES2022 },
  })
  const run = new Function(...Object.keys(names), `return ${outputText.trim().replace(/;$/, '')}`) as (
    ...values: unknown[]
  ) => unknown
  return run(...Object.values(names))
}

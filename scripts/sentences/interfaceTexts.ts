import { readdirSync, readFileSync } from 'node:fs'
import ts from 'typescript'
import { parse, type SFCTemplateBlock } from 'vue/compiler-sfc'

/** A text that somebody reads, and where it stands. */
export interface InterfaceText {
  file: string
  line: number
  text: string
}

/** Where texts for people stand. */
const folders = ['app', 'core', 'server', 'shared', 'starters', 'demo', 'scripts']
/** Attributes that are read, or read out. */
const spoken = new Set([
  'label',
  'aria-label',
  'title',
  'placeholder',
  'text',
  'alt',
  'hint',
  'help',
  'name',
  'message',
])

/** Every text of the program that people read, file by file; what is put in when it runs is shown as “…”. */
export function interfaceTexts(): InterfaceText[] {
  return folders
    .flatMap((folder) =>
      readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((file) => `${folder}/${file}`),
    )
    .filter(
      (file) =>
        /\.(?:ts|vue)$/.test(file) &&
        !/\.test\.ts$|\/testing\/|\/migrations\/|\/sentences(?:\/|\.ts$)|^scripts\/sentences/.test(file),
    )
    .sort()
    .flatMap((file) => {
      const source = readFileSync(file, 'utf8')
      return file.endsWith('.vue') ? ofComponent(file, source) : ofScript(file, source, 1)
    })
    .filter(({ text }) => isForPeople(text))
}

/** Several words that begin like a sentence or hang together like one; names of files, classes and statements do not. */
const isForPeople = (text: string) =>
  /\p{L}{2,} \p{L}/u.test(text) &&
  // Lists of words are for looking up.
  (/[.?!:,;…]/.test(text) || text.split(' ').length < 12) &&
  !/[{}<>=]|^(?:select|insert|update|delete|create|alter) |\bvar\(|^\S+\/\S+$/i.test(text)

function ofScript(file: string, source: string, firstLine: number): InterfaceText[] {
  const texts: InterfaceText[] = []
  const parsed = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true)
  const add = (node: ts.Node, text: string) => {
    const line = parsed.getLineAndCharacterOfPosition(node.getStart()).line + firstLine
    texts.push({ file, line, text: text.replace(/\s+/g, ' ').trim() })
  }
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isLiteralTypeNode(node)) return
    if (ts.isStringLiteralLike(node)) add(node, node.text)
    else if (ts.isTemplateExpression(node))
      add(node, [node.head.text, ...node.templateSpans.map((span) => `…${span.literal.text}`)].join(''))
    ts.forEachChild(node, visit)
  }
  visit(parsed)
  return texts
}

function ofComponent(file: string, source: string): InterfaceText[] {
  const { descriptor } = parse(source)
  const script = descriptor.scriptSetup ?? descriptor.script
  return [
    ...(script ? ofScript(file, script.content, script.loc.start.line) : []),
    ...(descriptor.template ? ofTemplate(file, descriptor.template) : []),
  ]
}

type TemplateNode = NonNullable<SFCTemplateBlock['ast']>['children'][number]

function ofTemplate(file: string, { ast }: SFCTemplateBlock): InterfaceText[] {
  const texts: InterfaceText[] = []
  const add = (line: number, text: string) =>
    texts.push({ file, line, text: text.replace(/\s+/g, ' ').trim() })
  const visit = (children: readonly TemplateNode[]): void => {
    // What stands beside each other is read together: text, and what is put in.
    let run = ''
    let line = 0
    const flush = () => {
      if (run.trim()) add(line, run)
      run = ''
    }
    for (const child of children) {
      if (child.type === 2) {
        line ||= child.loc.start.line
        run += child.content
      } else if (child.type === 5) {
        run += '…'
        texts.push(...ofScript(file, `(${child.content.loc.source})`, child.loc.start.line))
      } else {
        flush()
        line = 0
        if (child.type === 1) {
          for (const one of child.props)
            if (one.type === 6 && one.value && spoken.has(one.name))
              add(one.loc.start.line, one.value.content)
            else if (one.type === 7 && one.exp && one.name !== 'slot' && one.name !== 'for')
              texts.push(...ofScript(file, `(${one.exp.loc.source})`, one.loc.start.line))
          visit(child.children as readonly TemplateNode[])
        }
      }
    }
    flush()
  }
  if (ast) visit(ast.children)
  return texts
}

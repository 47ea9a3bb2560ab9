import type { PaperTable, PartBody, ReportPart } from './part'

/** What would be read as something else than letters. */
const plain = (text: string) =>
  text
    .replace(/\s+/g, ' ')
    .replace(/[\\`*_[\]<>#|]/g, (sign) => `\\${sign}`)
    .replace(/^(\d+)([.)])(?=\s|$)/, '$1\\$2')
    .replace(/^([-+])/, '\\$1')

/**
 * A paper as Markdown. Figures are left out: they are pictures of their own.
 * @example asMarkdown('Ball bounce', [{ id: 'question', heading: 'Our question', body: { kind: 'text', paragraphs: ['How high?'] } }])
 * // '# Ball bounce\n\n## Our question\n\nHow high?\n'
 */
export function asMarkdown(title: string, parts: readonly ReportPart[]): string {
  const sections = parts.flatMap(({ heading, body }) => {
    const said = bodyMarkdown(body)
    return said === '' ? [] : [`## ${plain(heading)}\n\n${said}`]
  })
  return `${[`# ${plain(title)}`, ...sections].join('\n\n')}\n`
}

function bodyMarkdown(body: PartBody): string {
  switch (body.kind) {
    case 'text':
      return body.paragraphs.map(plain).join('\n\n')
    case 'list':
      return body.items
        .map((item, index) => `${body.isNumbered ? `${index + 1}.` : '-'} ${plain(item)}`)
        .join('\n')
    case 'tables':
      return body.tables.map(tableMarkdown).join('\n\n')
    case 'pictures':
      return body.items
        .filter(({ text }) => text !== '')
        .map(({ text }) => `- ${plain(text)}`)
        .join('\n')
    case 'words':
      return body.words.map(({ word, meaning }) => `- **${plain(word)}**: ${plain(meaning)}`).join('\n')
    case 'figure':
    case 'chart':
    case 'room':
      return ''
  }
}

const tableMarkdown = ({ caption, head, rows }: PaperTable) =>
  `${plain(caption)}\n\n${[head, head.map(() => '---'), ...rows]
    .map((row, index) => `| ${row.map((cell) => (index === 1 ? cell : plain(cell))).join(' | ')} |`)
    .join('\n')}`

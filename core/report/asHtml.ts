import type { PaperTable, PartBody, ReportPart } from './part'

const escapes: Record<string, string> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
}
const plain = (text: string) => text.replace(/[&<>"']/g, (sign) => escapes[sign] ?? sign)

/** Readable on paper and screen without anything from elsewhere. */
const style =
  'body{font:16px/1.5 sans-serif;max-width:44em;margin:2em auto;padding:0 1em}table{border-collapse:collapse}th,td{border:1px solid #888;padding:.2em .6em;text-align:left}h2{margin-bottom:.2em}'

/**
 * A paper as one web page that needs nothing else. Figures are left out: they are pictures of their own.
 * @example asHtml('Ball bounce', []).startsWith('<!doctype html>') // true
 */
export function asHtml(title: string, parts: readonly ReportPart[]): string {
  const sections = parts.flatMap(({ heading, body }) => {
    const said = bodyHtml(body)
    return said === '' ? [] : [`<section><h2>${plain(heading)}</h2>${said}</section>`]
  })
  return `<!doctype html>\n<html lang="en"><head><meta charset="utf-8"><title>${plain(title)}</title><style>${style}</style></head>\n<body><h1>${plain(title)}</h1>\n${sections.join('\n')}\n</body></html>\n`
}

function bodyHtml(body: PartBody): string {
  switch (body.kind) {
    case 'text':
      return body.paragraphs.map((one) => `<p>${plain(one)}</p>`).join('')
    case 'list': {
      const tag = body.isNumbered ? 'ol' : 'ul'
      return `<${tag}>${body.items.map((one) => `<li>${plain(one)}</li>`).join('')}</${tag}>`
    }
    case 'tables':
      return body.tables.map(tableHtml).join('')
    case 'pictures':
      return body.items
        .filter(({ text }) => text !== '')
        .map(({ text }) => `<p>${plain(text)}</p>`)
        .join('')
    case 'words':
      return `<dl>${body.words.map(({ word, meaning }) => `<dt><b>${plain(word)}</b></dt><dd>${plain(meaning)}</dd>`).join('')}</dl>`
    case 'figure':
    case 'chart':
    case 'room':
      return ''
  }
}

function tableHtml({ caption, head, rows }: PaperTable): string {
  const row = (cells: readonly string[], tag: string) =>
    `<tr>${cells.map((cell) => `<${tag}>${plain(cell)}</${tag}>`).join('')}</tr>`
  return `<table><caption>${plain(caption)}</caption>${row(head, 'th')}${rows.map((cells) => row(cells, 'td')).join('')}</table>`
}

import { setResponseHeader, type H3Event } from 'h3'

/** Sends a text as a file to be saved under a readable name. */
export function sendFile(event: H3Event, type: string, name: string, text: string): string {
  nameFile(event, `${type}; charset=utf-8`, name)
  return text
}

/** Says that what is sent is a file to be saved under a readable name. */
export function nameFile(event: H3Event, type: string, name: string): void {
  const plain =
    name
      .normalize('NFKD')
      .replace(/[^\w .-]+/g, '')
      .trim() || 'file'
  setResponseHeader(event, 'content-type', type)
  setResponseHeader(
    event,
    'content-disposition',
    `attachment; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(name)}`,
  )
}

import { setResponseHeader, type H3Event } from 'h3'

/** Sends a text as a file to be saved under a readable name. */
export function sendFile(event: H3Event, type: string, name: string, text: string): string {
  const plain =
    name
      .normalize('NFKD')
      .replace(/[^\w .-]+/g, '')
      .trim() || 'file'
  setResponseHeader(event, 'content-type', `${type}; charset=utf-8`)
  setResponseHeader(
    event,
    'content-disposition',
    `attachment; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(name)}`,
  )
  return text
}

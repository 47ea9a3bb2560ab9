import faceUrl from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-400-normal.woff2?url'
import boldUrl from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-700-normal.woff2?url'

/** How much larger a PNG is than the chart on the screen, so that it is sharp on paper. */
const sharper = 3

/**
 * A drawn chart as an SVG file of its own: on white, with what it shows in words, and with its typeface, since another machine has none.
 * @param chart the chart's own element on the page
 */
export async function chartAsSvg(chart: SVGSVGElement, words: string): Promise<string> {
  const { width, height } = chart.getBoundingClientRect()
  const copy = chart.cloneNode(true) as SVGSVGElement
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('width', String(Math.round(width)))
  copy.setAttribute('height', String(Math.round(height)))
  copy.setAttribute('viewBox', `0 0 ${Math.round(width)} ${Math.round(height)}`)
  // Its place on the page is no business of a file.
  copy.removeAttribute('style')
  const own = (name: string) => document.createElementNS('http://www.w3.org/2000/svg', name)
  const [title, style, paper] = [own('title'), own('style'), own('rect')]
  title.textContent = words
  style.textContent = `${await faceOf(faceUrl, 400)}${await faceOf(boldUrl, 700)}`
  for (const [name, value] of Object.entries({ width: '100%', height: '100%', fill: '#fff' }))
    paper.setAttribute(name, value)
  copy.prepend(title, style, paper)
  return new XMLSerializer().serializeToString(copy)
}

/**
 * The same as a PNG picture, large enough for paper.
 * @throws Error where the browser cannot draw it
 */
export async function chartAsPng(svg: string): Promise<Blob> {
  const image = new Image()
  image.src = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
  try {
    await image.decode()
    const canvas = document.createElement('canvas')
    canvas.width = image.naturalWidth * sharper
    canvas.height = image.naturalHeight * sharper
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'))
    if (!blob) throw new Error('This browser can’t draw the chart as a PNG. Save it as SVG.')
    return blob
  } finally {
    URL.revokeObjectURL(image.src)
  }
}

/** A face as a style that carries it along. */
async function faceOf(url: string, weight: number): Promise<string> {
  const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer())
  const text = btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
  return `@font-face{font-family:"Atkinson Hyperlegible";font-weight:${weight};src:url(data:font/woff2;base64,${text}) format("woff2")}`
}

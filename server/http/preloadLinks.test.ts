import { describe, expect, it } from 'vitest'
import { preloadLinks, type FaceFiles } from './preloadLinks'

const files: FaceFiles = {
  desk: { scripts: ['desk.1.js', 'shared.2.js'], styles: ['desk.3.css'] },
  sheet: { scripts: ['sheet.4.js', 'shared.2.js'], styles: [] },
  board: { scripts: ['board.5.js', 'shared.2.js'], styles: [] },
  school: { scripts: ['school.6.js'], styles: ['school.7.css'] },
  charts: { scripts: ['charts.8.js', 'shared.2.js'], styles: [] },
}
const addresses = (path: string) =>
  [...preloadLinks(path, files, []).matchAll(/href="([^"]+)"/g)].map((one) => one[1])

describe('what a page announces', () => {
  it('is the files of its face, the fonts and the data of its lesson', () => {
    expect(preloadLinks('/sheet/b7/c8', files, ['plain.9.woff2'])).toBe(
      '<link rel="modulepreload" as="script" crossorigin href="/_nuxt/sheet.4.js">' +
        '<link rel="modulepreload" as="script" crossorigin href="/_nuxt/shared.2.js">' +
        '<link rel="preload" as="font" type="font/woff2" crossorigin href="/_nuxt/plain.9.woff2">' +
        '<link rel="preload" as="fetch" crossorigin href="/api/lessons/b7">',
    )
  })

  it('is the kit too, where the five checks stand beside', () => {
    expect(addresses('/lessons/b7/plan')).toEqual([
      '/_nuxt/desk.3.css',
      '/_nuxt/desk.1.js',
      '/_nuxt/shared.2.js',
      '/api/lessons/b7',
      '/api/lessons/b7/pack',
    ])
    expect(addresses('/lessons/b7/wonder')).not.toContain('/api/lessons/b7/pack')
  })

  it('is the library of charts where one is drawn first, and each file once', () => {
    expect(addresses('/lessons/b7/compare')).toContain('/_nuxt/charts.8.js')
    expect(addresses('/board/b7')).toEqual([
      '/_nuxt/board.5.js',
      '/_nuxt/shared.2.js',
      '/_nuxt/charts.8.js',
      '/api/lessons/b7',
    ])
    expect(addresses('/lessons/b7/test')).not.toContain('/_nuxt/charts.8.js')
  })

  it('is the school’s own for every other page', () => {
    expect(addresses('/')).toEqual([
      '/_nuxt/school.7.css',
      '/_nuxt/school.6.js',
      '/api/classes',
      '/api/lessons',
      '/api/investigations',
    ])
    expect(addresses('/classes/c8')).toEqual(['/_nuxt/school.7.css', '/_nuxt/school.6.js'])
  })

  it('never takes anything else of an address into the page', () => {
    for (const path of ['/lessons/"><script>', '/lessons/..%2f"x', '/nowhere"onload="x', '/board/a b'])
      for (const link of preloadLinks(path, files, [])
        .split(/(?<=>)/)
        .filter(Boolean))
        expect(link).toMatch(/^<link rel="[a-z]+"( as="[a-z]+" crossorigin)? href="[\w./-]+">$/)
  })
})

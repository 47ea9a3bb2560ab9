import { expect, it } from 'vitest'
import { filesByFace, fontFiles } from './faceFiles'

it('a face needs its file and all that it imports, but for what the entry has brought', () => {
  const faces = filesByFace({
    'app.ts': { file: 'entry.1.js', name: 'entry', css: ['entry.2.css'], imports: ['_vue'] },
    _vue: { file: 'vue.3.js' },
    _desk: { file: 'desk.4.js', name: 'desk', css: ['desk.5.css'], imports: ['_shared', 'app.ts'] },
    _shared: { file: 'shared.6.js', name: 'shared', css: ['shared.7.css'], imports: ['_vue', '_desk'] },
    'font.woff2': { file: 'font.8.woff2', name: 'font' },
  })
  expect(faces.desk).toEqual({
    scripts: ['desk.4.js', 'shared.6.js'],
    styles: ['desk.5.css', 'shared.7.css'],
  })
  expect(Object.keys(faces)).not.toContain('font')
})

it('a page is written in the fonts of its own letters; those of others come with the words that need them', () => {
  const font = (name: string) => [`../node_modules/font/files/${name}.woff2`, { file: `${name}.1.woff2` }]
  const names = ['plain-latin-400-normal', 'plain-latin-ext-400-normal', 'plain-latin-400-italic']
  expect(fontFiles(Object.fromEntries([...names.map(font), ['app.ts', { file: 'entry.js' }]]))).toEqual([
    'plain-latin-400-normal.1.woff2',
  ])
})

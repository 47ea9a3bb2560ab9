import { defined } from '../../core/defined'
import type { FaceFiles } from '../../server/http/preloadLinks'

/** A file of the build, as the manifest tells of it. */
interface BuiltFile {
  file: string
  name?: string
  css?: string[]
  imports?: string[]
}

/**
 * Gives for each file that pages are fetched in all that it imports at its head, so that the HTML can announce them at once.
 * @example filesByFace({ a: { file: 'desk.1.js', name: 'desk', imports: ['b'] }, b: { file: 'shared.2.js' } }).desk!.scripts // ["desk.1.js", "shared.2.js"]
 */
export function filesByFace(manifest: Record<string, BuiltFile>): FaceFiles {
  const withImports = (key: string, seen = new Set<string>()): Set<string> => {
    if (!seen.has(key)) {
      seen.add(key)
      for (const imported of defined(manifest[key]).imports ?? []) withImports(imported, seen)
    }
    return seen
  }
  const entry = new Set(
    Object.entries(manifest).flatMap(([key, { name }]) => (name === 'entry' ? [...withImports(key)] : [])),
  )
  return Object.fromEntries(
    Object.entries(manifest)
      .filter(([, { name, file }]) => name && file.endsWith('.js'))
      .map(([key, { name }]) => {
        const built = [...withImports(key)]
          .filter((one) => !entry.has(one))
          .map((one) => defined(manifest[one]))
        return [
          defined(name),
          { scripts: built.map(({ file }) => file), styles: built.flatMap(({ css }) => css ?? []) },
        ]
      }),
  )
}

/** The cuts of a font that words of a first screen are written in: letters of most languages in Europe, upright. */
const firstFonts = /-latin-(?:400|700|wght)-normal\.woff2$/

/**
 * Gives the fonts that every page is written in, so that its first words need not be shown in another.
 * @example fontFiles({ 'lexend-latin-wght-normal.woff2': { file: 'lexend.1.woff2' } }) // ["lexend.1.woff2"]
 */
export const fontFiles = (manifest: Record<string, BuiltFile>): string[] =>
  Object.entries(manifest).flatMap(([source, { file }]) => (firstFonts.test(source) ? [file] : []))

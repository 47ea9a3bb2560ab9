declare module '#face-files' {
  import type { FaceFiles } from '~~/server/http/preloadLinks'
  /** What each face cannot do without, written by `nuxt.config.ts` once the pages are built. */
  export const faceFiles: FaceFiles
  /** What the words of every page are written in, likewise. */
  export const fonts: string[]
}

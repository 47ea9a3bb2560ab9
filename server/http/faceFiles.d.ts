declare module '#face-files' {
  /** What each face cannot do without, written by `nuxt.config.ts` once the pages are built. */
  export const faceFiles: import('./announced').FaceFiles
}

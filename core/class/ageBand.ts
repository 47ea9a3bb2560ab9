/** The children's ages; they set defaults and the wording of cautions. */
export type AgeBand = '5-7' | '7-9' | '9-11'

/** Every age band, youngest first. */
export const ageBands: readonly AgeBand[] = ['5-7', '7-9', '9-11']

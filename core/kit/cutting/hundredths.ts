/** Lengths are counted in hundredths of a centimetre, so that sums meet exactly. */
export const perCentimetre = 100

/** A side of a piece, in hundredths of a centimetre. */
export const inHundredths = (length: number) => Math.round(length * perCentimetre)

/** A side of a sheet, which is never rounded up: a piece that doesn't fit must not seem to. */
export const sheetInHundredths = (length: number) =>
  Math.floor(Number((length * perCentimetre).toPrecision(12)))

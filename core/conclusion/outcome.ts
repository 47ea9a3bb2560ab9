/** How a prediction met the result; *surprised* is a good thing to talk about, not a mistake. */
export type PredictionOutcome = 'as-predicted' | 'nearly' | 'surprised' | 'open'

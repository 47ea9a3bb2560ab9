import { pouredTogether } from '../pouredTogether'
import { said, type OwnWords } from './said'

export const pouredTogetherWords: OwnWords = {
  starter: pouredTogether,
  // Millilitres less than the parts: rice and rice, peas and peas, rice and peas.
  found: [0, 0, 26],
  wobble: 1.5,
  sentences: said(`
    T Rice and peas lost the most volume.
    T The rice and peas together filled less than the parts.
    T Rice and peas shrank the most.
    T Rice and rice and peas and peas came out the same.
    T Mixing rice and peas gave a smaller volume.
    F Rice and rice lost the most volume.
    F It was the same for all of them.
    F Peas and peas lost more than rice and peas.
    F It made no difference what we poured.
    ? Some of the peas disappeared.
    ? The rice went into the gaps.
  `),
  later: said(`
    T All together it was less than the parts, but it weighed the same.
  `),
}

import { pouredTogether } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
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
    T Rice and peas needed less room together than apart.
    T Peas and peas took up the same space.
    T Two cups of rice were as much together as apart.
    T The mass did not change.
    T The rice and peas weighed the same before and after.
    T Rice and peas had a smaller volume together but the same mass.
    T Nothing got lighter.
    F Everything took up less space together.
    F Rice and peas took up more room when we mixed them.
    F Rice and peas were heavier together.
    F Peas and peas shrank.
    F The volume stayed the same for rice and peas.
    F It weighed less after we poured it together.
    F Rice and rice filled less together.
    ? We spilt some rice.
    ? Small things fit between big things.
    ? Our cups were not quite full.
  `),
  later: said(`
    T Rice and peas took up less space together.
    T Less volume for rice and peas, same mass.
    T The mass stayed the same.
    F Together rice and peas took up more space.
    F The mass was less together.
    ? The rice fell between the peas.
    T All together it was less than the parts, but it weighed the same.
  `),
}

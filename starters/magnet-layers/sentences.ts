import { magnetLayers } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
  starter: magnetLayers,
  found: [30, 22, 14, 6],
  wobble: 1,
  sentences: said(`
    T The more card, the fewer clips.
    T With no card it held the most clips.
    T More layers of card meant fewer clips.
    T The magnet held less clips when there was more card.
    T 0 layers held the most clips and 6 layers held the fewest.
    T 6 layers held the least.
    T The magnet got weaker with more card.
    T 2 layers held more clips than 4 layers.
    T The thicker the card the less clips it held.
    T Fewer layers, more clips.
    T The magnet held 8 clips more with 2 layers than with 4 layers.
    F The more card, the more clips it held.
    F With no card it held the fewest clips.
    F The number of layers made no difference.
    F 6 layers held the most clips.
    F 4 layers held more clips than 2 layers.
    F The magnet got stronger with more card.
    F It held the same number of clips with every number of layers.
    F More card did not make it hold fewer clips.
    F Less card made it hold less clips.
    ? Magnets work through wood.
    ? Card is not magnetic.
    ? A magnet would stick to our fridge.
  `),
  later: said(`
    T The clips fell off when we put more card.
    T The thicker the card, the weaker the magnet.
    F With more layers the magnet held more.
    T It held fewer clips when there were more layers.
    T With 6 layers it only held 6 clips.
    T The magnet could hold more clips with less card.
    T The number of clips went down when we added more card.
    T The magnet picked up the most clips with 0 layers.
    F The number of clips went up when we added card.
    F The magnet held more clips with 6 layers than with 2 layers.
    F It held fewer clips when there were fewer layers.
    F 6 layers was the strongest.
  `),
}

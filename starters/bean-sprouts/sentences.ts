import { beanSprouts } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
  starter: beanSprouts,
  found: [60, 75, 95],
  wobble: 3,
  sentences: said(`
    T The cupboard beans grew tallest.
    T The beans in the cupboard grew the tallest.
    T Cupboard beans grew 35 mm more than the window ones.
    T The beans on the window sill were shortest.
    T The ones inside the cupboard were taller than the ones on the window sill.
    T The window sill beans grew the least.
    T The bean sprouts at the back of the room grew taller than on the window sill.
    T Inside a cupboard they got longest.
    T The sprouts in the cubboard grew tallest.
    F The window beans grew the tallest.
    F The beans on the window sill grew taller than the ones in the cupboard.
    F The cupboard ones were the shortest.
    F It made no difference where the beans grew.
    F All the beans grew the same.
    F The back of the room was tallest.
    F The cupboard beans did not grow as tall as the window beans.
    ? Plants do not need light.
    ? The window beans looked greener and healthier.
    ? The cupboard ones were yellow.
    ? They were looking for the light.
  `),
  later: said(`
    F Cupboard beans grew 5 mm more than the window ones.
    T Beans in the dark cupboard grew more than beans on the window sill.
    T The beans grew least on the window sill.
    T The less light they got the taller they grew.
    F The more light they got the taller they grew.
    F Beans on the window sill grew more than beans at the back of the room.
  `),
}

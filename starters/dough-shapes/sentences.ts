import { doughShapes } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
  starter: doughShapes,
  found: [0, 0, 0],
  wobble: 0.5,
  sentences: said(`
    T The dough weighed the same whatever shape it was.
    T It weighed the same however we shaped it.
    T The shape made no difference to the mass.
    T Changing the shape does not change how heavy it is.
    T It didn't matter what shape the dough was.
    T The dough weighed the same in every shape.
    T It stayed the same weight.
    T Rolled and flat lost the same.
    T The dough never got lighter.
    F Squashing the dough made it lighter.
    F Breaking it into ten pieces lost the most.
    F The flat dough was lighter than the rolled dough.
    F The shape made a difference.
    F Rolled long and thin lost more mass than pressed flat.
    F It got heavier when we broke it into ten pieces.
    F The dough got lighter each time.
    ? Our dough stuck to the table.
    ? There is the same stuff in it.
    T The lump weighed just as much afterwards.
    T When we made a lump of it again it was as heavy as before.
    T It weighs the same as a lump and in another shape.
    T Our dough did not get heavier or lighter.
    T All groups found that the weight stayed the same.
    T The weight never changed.
    T The mass was the same at the start and at the end.
    F It was lighter in another shape than as a lump.
    F The dough weighed more after we squashed it.
    F As a lump again it weighed less than at first.
    F It lost 20 g when we broke it up.
    F The mass went down.
    F It was heaviest as a lump.
    F The weight changed when the shape changed.
    ? Next time we want to dry it.
    ? Some of it stuck to our hands.
    ? Pressing it was fun.
  `),
  later: said(`
    T It weighed the same whatever shape it was because it is the same dough.
    F The dough lost weight when we rolled it.
    T The mass did not change.
    T Changing the shape made no difference.
    T It weighed the same before and after.
    F It got lighter when we changed it.
    F It was heavier before.
    F It became heavier.
  `),
}

import { doughShapes } from '../doughShapes'
import { said, type OwnWords } from './said'

export const doughShapesWords: OwnWords = {
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
  `),
  later: said(`
    T It weighed the same whatever shape it was because it is the same dough.
    F The dough lost weight when we rolled it.
  `),
}

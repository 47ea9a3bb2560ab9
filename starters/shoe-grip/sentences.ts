import { shoeGrip } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
  starter: shoeGrip,
  // Newtons: smooth plastic, felt slipper, flat rubber, ridged rubber.
  found: [3.1, 2.2, 5.2, 6.9],
  wobble: 0.2,
  sentences: said(`
    T Rubber soles grip better than felt or plastic.
    T Ridged rubber gripped the best.
    T The felt slipper was the worst.
    T The ridged rubber sole needed the most force.
    T Felt slipped most easily.
    T The felt slipper was easiest to pull.
    T Ridged rubber was hardest to pull.
    T Flat rubber was better than smooth plastic.
    T Ridged rubber had more grip than flat rubber.
    T The ridged one gripped best and the felt one gripped worst.
    T Smooth plastic needed less force than flat rubber.
    F The felt slipper gripped best.
    F Smooth plastic was better than ridged rubber.
    F Ridged rubber was the easiest to pull.
    F Flat rubber needed the most force.
    F The sole made no difference.
    F All the soles gripped the same.
    F Felt needed more force than flat rubber.
    F Ridged rubber did not grip better than flat rubber.
    ? Rubber shoes are the safest to wear.
    ? My trainers have rubber soles.
    ? The ridges dig in.
  `),
  later: said(`
    T The rubber shoes were hardest to pull.
    T Ridged rubber was the grippiest.
    T It was harder to pull the rubber soles than the felt slipper.
    T The felt slipper needed the smallest force.
    T Felt was the slippiest.
    F Felt was the grippiest.
    F It was easier to pull the ridged rubber than the felt slipper.
    F The ridged rubber needed the smallest force.
    F Rubber soles gripped worse than felt.
  `),
}

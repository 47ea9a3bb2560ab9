import { paperTowels } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
  starter: paperTowels,
  found: [4, 9, 17],
  wobble: 0.6,
  sentences: said(`
    T The napkin soaked up the least and the bumpy one the most.
    T The bumpy one soaked up about 8 g more than the plain one.
    T The bumpy paper soaked up the most water.
    T Bumpy kitchen paper was the best.
    T The thin napkin was worst.
    T The plain kitchen paper soaked up more water than the napkin.
    T Bumpy paper gained the most mass.
    T The thin napkin held less water than the other two.
    T The bumpy one got heaviest.
    T Both kitchen papers were better than the napkin.
    T The bumby one soaked up most.
    F The napkin soaked up the most water.
    F The plain one was the best.
    F The bumpy one soaked up the least.
    F The napkin soaked up more than the plain kitchen paper.
    F The bumpy one soaked up 1 g more than the plain one.
    F They all soaked up the same.
    F It did not matter which paper we used.
    F Plain kitchen paper soaked up more water than bumpy kitchen paper.
    ? Bumpy paper is the best buy.
    ? The napkin tore in half.
    ? The bumps have little holes for the water.
  `),
  later: said(`
    ? The napkin was the biggest.
    ? The bumpy paper was the thickest.
    T The bumpy one was the wettest.
    T The bumpy paper held more water than the napkin.
    T The napkin soaked up less water than plain.
    T Bumpy was best, plain was second and napkin was worst.
    T The napkin took up the smallest amount of water.
    F The plain paper held the least water.
    F The napkin soaked up more water than the bumpy paper.
    F The plain paper was the most absorbent.
  `),
}

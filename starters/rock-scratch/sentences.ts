import { rockScratch } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
  starter: rockScratch,
  // Ranks by what each one scratches: chalk, slate, limestone, granite, sandstone.
  found: [1, 3, 2, 5, 4],
  wobble: 0,
  sentences: said(`
    T Chalk is the softest and granite is the hardest.
    T Granite was the hardest rock.
    T Granite is harder than slate.
    T Granite scratched all the others.
    T The chalk was the softest.
    T Slate was softer than sandstone.
    T The hardest rock was granite.
    T Chalk was softer than limestone.
    T granit is the hardest
    F Chalk is the hardest.
    F Granite was the softest rock.
    F Slate is harder than granite.
    F All the rocks were as hard as each other.
    F Sandstone was the hardest.
    F Chalk beat granite.
    F Limestone was harder than sandstone.
    ? Granite comes from volcanoes.
    ? Chalk is good for writing.
    ? Granite is the prettiest.
  `),
  later: said(`
    T Granite is the toughest.
    F Chalk scratched granite.
    T Granite scratched chalk.
    T Slate was harder than chalk but softer than granite.
    T Nothing scratched granite.
    T Chalk could not scratch any of the others.
    F Chalk scratched all the others.
    F Slate was the softest.
    F Granite was not harder than chalk.
  `),
}

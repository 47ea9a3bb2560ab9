import { bottleJackets } from '../bottleJackets'
import { said, type OwnWords } from './said'

export const bottleJacketsWords: OwnWords = {
  starter: bottleJackets,
  // Degrees lost: no jacket, newspaper, woollen sock, bubble wrap.
  found: [16, 12, 8, 5],
  wobble: 0.6,
  sentences: said(`
    T Bubble wrap kept the bottle warmest.
    T Bubble wrap is the best at keeping the heat in.
    T Bubble wrap lost the least heat.
    T Bubble wrap kept the water warmest.
    T The bottle with no jacket got coldest.
    T The woolly sock was better than newspaper.
    T The sock kept the water warmer than the newspaper did.
    T Newspaper cooled down more than wool.
    T No jacket cooled the most.
    T The bubble wrap one cooled down least.
    T bubbel wrap was the best
    T Bubble wrap lost less heat than the sock.
    T The jackets all kept it warmer than no jacket.
    T Bubble wrap was best, then the sock, then newspaper, and no jacket was worst.
    T Newspaper was better than no jacket.
    F The sock lost the most heat.
    F Bubble wrap was the worst jacket.
    F Newspaper kept the water warmest.
    F No jacket was the best.
    F The newspaper was better than the woolly sock.
    F Bubble wrap lost more heat than newspaper.
    F The bottle in bubble wrap got coldest.
    F It did not matter which jacket we used.
    F The sock cooled more than the newspaper.
    F All jackets were the same.
    F Wool wasn't as good as newspaper.
    ? Wool comes from sheep.
    ? Fur coats are the warmest.
    ? Bubble wrap traps air.
  `),
}

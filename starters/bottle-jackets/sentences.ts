import { bottleJackets } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
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
  later: said(`
    T Wool kept the bottle warmer than newspaper.
    T Without a jacket the water cooled fastest.
    T With no jacket it cooled quickest.
    T The water stayed warmest in the bubble wrap.
    T The water in bubble wrap was the hottest at the end.
    T Bubble wrap kept more heat in than newspaper.
    T The temperature dropped most with no jacket.
    T No jacket lost more heat than any of the others.
    T The temperature fell the least in the bubble wrap.
    T The bubble wrap bottle cooled slowest.
    T A jacket keeps the water warmer than no jacket.
    F Wool lost the most heat.
    F The newspaper kept the heat in best.
    F The temperature dropped most with bubble wrap.
    F Bubble wrap cooled fastest.
    F The water in the newspaper stayed warmest.
    F Bubble wrap made the water warmer.
    ? Wool is itchy.
    T The sock was not as good as bubble wrap.
    T The bottle without a jacket lost most heat.
    T No jacket was the worst at keeping warm.
    T The water in the sock stayed warmer than the water in the newspaper.
    T Newspaper lost more heat than the sock but less than no jacket.
    T The bottle in the bubble wrap stayed warm longest.
    T The bubble wrap bottle was still the warmest.
    T Bubble wrap did not lose as much heat as newspaper.
    T The temperature went down least in bubble wrap.
    T The water in the bottle with no jacket got colder than all the others.
    F The newspaper bottle stayed warmer than the sock bottle.
    F No jacket kept it warmest.
    F The temperature went down most in bubble wrap.
    F Bubble wrap lost heat faster than newspaper.
    F The sock did not keep it as warm as newspaper.
    F Newspaper kept the water hotter than bubble wrap.
    F The bottle with no jacket cooled the slowest.
    ? Hot water is dangerous.
  `),
}

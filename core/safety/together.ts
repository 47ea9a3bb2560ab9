import type { HazardId } from '../catalogue'
import type { HazardSource } from './hazardSource'

/** Two sayings that bring a hazard only together, wherever in the plan each stands. */
const pairs: readonly { one: RegExp; other: RegExp; hazard: HazardId }[] = [
  {
    one: /\b(?:fizz(?:es|ing)?|effervesc\w*|yeast|ferment\w*|bicarb\w*|(?:baking|bicarbonate of) soda|carbon dioxide|bubbling|(?:dissolving|soluble|antacid) tablets?|tablets? (?:dissolves?|fizz\w*|bubbles?))\b/i,
    other:
      /\b(?:(?:lids?|caps?|corks?|stoppers?|tops?|bungs?) (?:back )?(?:on|tight\w*|down)|(?:put|push|screw|press|fit|snap|clos|shut)\w* (?:on )?(?:the|a|its) (?:lid|cap|cork|stopper|top|bung|pot|jar|bottle)|under (?:a|the|its) lid|lidded|closed (?:pot|jar|bottle|tub|canister)|screw\w*|cork(?:s|ed|ing)?|stopper\w*|seal(?:s|ed|ing)?|(?:film )?canisters?|film (?:pot|can)s?|pops? off|(?:canister|pot|lid|cap|cork|top) (?:pops|flies|shoots|comes) ?(?:off|up|out)?)\b/i,
    hazard: 'pressure',
  },
  {
    one: /\b(?:batter(?:y|ies)|cells?)\b/i,
    other: /\b(?:steel wool|wire wool|gum wrapper|foil strip|strips? of foil)\b/i,
    hazard: 'flames',
  },
  {
    one: /\b(?:mirrors?|(?:hand |reading |convex )?lens(?:es)?|magnif\w+|glass balls?|burning glass)\b/i,
    other:
      /\b(?:the sun|full sun|sunlight|sunshine|sunny|sun[’']?s rays|on the playground|outdoors?|outside)\b/i,
    hazard: 'focused-sun',
  },
  { one: /\bsalt\b/i, other: /\b(?:ice|snow|icy)\b/i, hazard: 'salt-and-ice' },
]

/**
 * Hazards that arise only where two things of a plan meet: something that fizzes and a lid.
 * @param texts the texts of a plan, without what they say is not to be done
 * @example hazardsTogether(['1 fizzing tablet', 'Put the lid on.'])[0].hazard // 'pressure'
 */
export function hazardsTogether(texts: readonly string[]): HazardSource[] {
  return pairs.flatMap(({ one, other, hazard }): HazardSource[] => {
    const [first, second] = [one, other].map((pattern) =>
      texts.map((text) => pattern.exec(text)?.[0]).find((words) => words !== undefined),
    )
    if (first === undefined || second === undefined) return []
    const words = `${first} with “${second}”`
    return [{ hazard, words, text: words }]
  })
}

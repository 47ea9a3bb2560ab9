const set = (words: string) => new Set(words.split(/\s+/))

/** Words that carry no meaning of their own here. */
export const fillers = set(`
  a an the this that these those it its itself they them their there we us our ours you i me my he she his her
  one ones thing things kind kinds type sort way ways amount number level levels
  is was were are be been being am do does did done doing have has had having get gets got gotten getting become becomes became
  give gives gave given giving make makes made making let lets keep keeps kept keeping go goes went gone going come comes came
  take takes took taken need needs needed use used using put add added adding mean means meant turn turned seem seems seemed look looked
  stay stays stayed
  find finds found see saw seen show shows showed shown measure measured test tested testing try tried say says said notice noticed
  result results class experiment investigation end reading readings
  will would could can should may might
  of in on at to for from by with into onto out up down off over under through along around about roughly
  when if as while during after before then so and too also both either what which who how whichever
  very really quite much lot lots bit clearly definitely actually mostly
  your yours still even new middle here where whenever place places inside left behind
`)

/** Joints at which a sentence may come apart. */
export const joints = set('and but while whereas although though or plus then')
export const negations = set('not never no none nobody nothing without neither nor cannot')
/** Groups that somebody speaks for. */
export const groupWords = set('group team table pair class everyone everybody us')
/** Moments of a test, over which something may be so each time. */
export const timeWords = set('time try trial go turn race heat test round')
/** What days and minutes a class may mention. */
export const passing = set('day minute hour week second child people person time')
/** Words that reach further than any test. */
export const reachWords = set(
  'always everything everywhere anything forever prove proves proved proof certain certainly guarantee guaranteed fact true must world impossible',
)
/** Words that change what a comparison means, so that a sentence with them is not understood. */
export const shifting = set('only just nearly almost barely hardly slightly twice double half triple')

/** Phrases, the longest first; words in their plain forms, `|` between choices. */
export const phrases: readonly (readonly [pattern: string, kind: PhraseKind])[] = [
  ['not know|sure|certain', 'unsure'],
  ['can not|never tell', 'unsure'],
  ['all|completely|really mix|mixed up', 'unsure'],
  ['mix|mixed up', 'unsure'],
  ['all the other|others', 'others'],
  ['all of the other|others', 'others'],
  ['any of the other|others', 'others'],
  ['any other', 'others'],
  ['the other two|three|four|one|ones|2|3|4', 'others'],
  ['the other', 'others'],
  ['the others', 'others'],
  ['the rest', 'others'],
  ['more and more', 'climbing'],
  ['less and less', 'sinking'],
  ['fewer and fewer', 'sinking'],
  ['round by round', 'along'],
  ['keep|kept get|getting', 'along'],
  ['not make|made a|any|much difference', 'no-difference'],
  ['make|made no difference', 'no-difference'],
  ['no difference', 'no-difference'],
  ['no effect', 'no-difference'],
  ['a|an effect', 'matters'],
  ['make|made a difference', 'matters'],
  ['make|made a big difference', 'matters'],
  ['the same', 'same'],
  ['at the same time', 'same'],
  ['as each other', 'same'],
  ['go|went|gone up', 'up'],
  ['go|went|gone down', 'down'],
  ['go|went|gone higher', 'up'],
  ['go|went|gone lower', 'down'],
  ['come|came first', 'first'],
  ['come|came last', 'last'],
  ['be|was|were first', 'first'],
  ['be|was|were last', 'last'],
  ['we|i think|believe|guess', 'think'],
  ['in|for most group|groups', 'mostly'],
  ['most group|groups', 'mostly'],
]

export type PhraseKind =
  | 'unsure'
  | 'others'
  | 'climbing'
  | 'sinking'
  | 'along'
  | 'no-difference'
  | 'matters'
  | 'same'
  | 'up'
  | 'down'
  | 'first'
  | 'last'
  | 'think'
  | 'mostly'

/** What things do while something is measured, by what it is measured in; verbs in their plain form. */
export const doings: Readonly<Record<string, ReadonlySet<string>>> = {
  time: set('last pop burst stay survive live dry melt dissolve fall float sink roll'),
  length: set('bounce fall drop jump fly roll travel slide stretch reach cast move release throw stand'),
  mass: set('weigh hold soak absorb suck drink carry'),
  volume: set('hold fill soak absorb pour mix'),
  temperature: set('stay feel hold heat warmth'),
  force: set('pull drag slip slide grip hold stick'),
  count: set('rate hold pick lift stick attract carry break beat jump build fold'),
  share: set('hold soak absorb'),
  rank: set('scratch mark scrape'),
  place: set('run rush race travel climb move soak rise reach finish'),
  when: set('turn reach finish rust melt dry dissolve start begin'),
  word: set('turn rust look'),
}

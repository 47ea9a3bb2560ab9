import { ownWords } from '../starters/sentences'
import { checkCorpus, type Checked } from '../starters/sentences/tally'
import type { Figure } from './figure'

/** What is made of a corpus of sentences in children's own words, and of the third that was kept back while the rules were written. */
export function claims(): Figure[] {
  const checked = checkCorpus(ownWords)
  return [false, true].flatMap((held) => {
    const own = checked.filter((one) => one.held === held)
    const which = held ? 'kept back: ' : ''
    const of = (truth: Checked['truth']) => own.filter((one) => one.truth === truth)
    const judged = [...of('true'), ...of('false')]
    const count = (some: readonly Checked[], is: (one: Checked) => boolean) => some.filter(is).length
    const wrongAndRead = of('false').filter((one) => one.understood)
    return [
      {
        name: `${which}true sentences said to go against the data`,
        value: count([...of('true'), ...of('neither')], ({ fit }) => fit === 'contradicts'),
        unit: '',
        goal: { most: 0 },
        note: `of ${of('true').length} true ones and ${of('neither').length} that are neither`,
      },
      {
        name: `${which}false sentences said to fit`,
        value: count(of('false'), ({ fit }) => fit === 'fits'),
        unit: '',
        goal: { most: 0 },
        note: `of ${of('false').length}`,
      },
      {
        name: `${which}understood`,
        value: (100 * count(judged, ({ understood }) => understood)) / judged.length,
        unit: '%',
        goal: { least: 75 },
        note: `of ${judged.length} that can be judged`,
      },
      {
        name: `${which}false, understood and told so`,
        value:
          (100 * count(wrongAndRead, ({ fit }) => fit === 'contradicts' || fit === 'says-more')) /
          wrongAndRead.length,
        unit: '%',
        goal: { least: 100 },
        note: `of ${wrongAndRead.length}`,
      },
    ] satisfies Figure[]
  })
}

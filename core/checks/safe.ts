import { nothingSaid, type Check } from './check'

const words = { mend: 'to fix', asked: 'to be checked', confirmed: 'checked by the teacher' } as const

/** The usual cautions, and the teacher's word that the school's own assessment was checked. It reminds, and never clears. */
export const safe: Check = {
  id: 'safe',
  name: 'Safe',
  stages: ['pack', 'test'],
  gate: 'pack',
  look({ safe: { state: found, cautions }, confirmed }) {
    const state = found === 'mend' ? 'mend' : confirmed ? 'confirmed' : 'asked'
    const count = `${cautions.length} usual ${cautions.length === 1 ? 'caution' : 'cautions'}`
    return {
      ...nothingSaid,
      state,
      word: words[state],
      brief: confirmed ? '' : `${count}, to be checked before the first reading.`,
      waits: confirmed ? '' : 'cautions to check',
    }
  },
}

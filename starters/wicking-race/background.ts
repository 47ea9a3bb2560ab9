import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can put papers in order by how fast water climbs up in them.',
  science:
    'Water clings to the fibres of paper and pulls more water after it, so that it climbs up in the narrow gaps, against gravity. Papers that are loose and not sealed let it climb fast; writing paper is sized, which keeps ink and water out.',
  misconceptions:
    'Children often think that paper sucks water up like a straw, that thick paper must be faster, or that water can never go up.',
  questions:
    'Why does the water climb at all? Why do strips have to touch it at the same moment? Where in a plant does this happen?',
  surprises: 'Writing paper hardly gets wet in ten minutes: something in it keeps water out.',
  words: [
    word('climb', ['to go up', 'to go up', 'to move upwards'], 'Watch the water climb.'),
    word(
      'absorb',
      ['to soak up', 'to soak up a liquid', 'to take a liquid in and hold it'],
      'A sponge absorbs water.',
    ),
    word(
      'fibre',
      ['a thin thread', 'one of the thin threads in paper', 'one of the thin threads that paper is made of'],
      'Water moves along the fibres.',
    ),
    word(
      'order',
      [
        'what comes first and what next',
        'what comes first, second and last',
        'an arrangement by how much or how fast',
      ],
      'We found the order of the four papers.',
    ),
    word(
      'heat',
      ['one race of a few', 'one race of several', 'one of several races that are compared'],
      'Every group runs a heat.',
    ),
  ],
}

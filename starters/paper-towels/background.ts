import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can find out which paper soaks up most by weighing it dry and wet.',
  science:
    'Paper is made of fibres with tiny gaps between them. Water creeps into the gaps and clings to the fibres. Thick, loose paper has more room for water than thin, dense paper. What it weighs more when wet is the water that it holds.',
  misconceptions:
    'Children often think that the paper with the brightest pattern or the highest price must be best, or that wet paper is heavier because it has swollen.',
  questions:
    'Why do we weigh the paper dry first? Where is the water? Would twice as much paper hold twice as much?',
  surprises: 'A thin napkin can hold several times its own mass in water.',
  words: [
    word(
      'absorb',
      ['to soak up', 'to soak up a liquid', 'to take a liquid in and hold it'],
      'A bath towel absorbs water.',
    ),
    word(
      'absorbent',
      ['good at soaking up', 'good at soaking up liquids', 'able to take in much liquid'],
      'A sponge is absorbent.',
    ),
    word(
      'fibre',
      [
        'a thin thread',
        'one of the thin threads in paper or cloth',
        'one of the thin threads that a material is made of',
      ],
      'Water clings to the fibres.',
    ),
    word(
      'mass',
      [
        'how heavy something is',
        'how much there is of something, in grams',
        'how much matter something has, measured in grams',
      ],
      'The mass of the wet paper is 18 g.',
    ),
    word(
      'material',
      ['what a thing is made of', 'what something is made of', 'the stuff that something is made of'],
      'Paper, wool and glass are different materials.',
    ),
  ],
}

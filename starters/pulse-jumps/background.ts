import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can measure our pulse and find out how jumping changes it.',
  science:
    'The heart pumps blood round the body. Muscles that work need more oxygen and sugar, which the blood brings, so the heart beats faster during exercise and slows down again with rest. Hearts differ: compare each child with itself.',
  misconceptions:
    'Children often think that the pulse is something in the wrist, that the heart stops for a rest, or that a fast pulse means being ill.',
  questions:
    'Why does the heart beat faster? How long does it take to be calm again? Why do we rest before the next round?',
  surprises: 'The first few jumps raise the pulse most; many more add less than expected.',
  words: [
    word(
      'pulse',
      [
        'the beat you feel in your wrist',
        'the beat of the heart that you feel in your wrist',
        'the beat of the blood in an artery, one for each heartbeat',
      ],
      'I feel my pulse with two fingers.',
    ),
    word(
      'heart',
      [
        'what pumps your blood',
        'the muscle that pumps blood round the body',
        'the muscle that pumps blood through the body',
      ],
      'The heart beats all day and all night.',
    ),
    word(
      'blood',
      [
        'the red liquid in your body',
        'what carries food and air to all parts of the body',
        'the liquid that carries oxygen and food round the body',
      ],
      'Blood brings oxygen to the muscles.',
    ),
    word(
      'exercise',
      [
        'moving your body',
        'moving the body so that muscles work',
        'activity that makes the muscles work hard',
      ],
      'Star jumps are good exercise.',
    ),
    word(
      'rest',
      ['to be still', 'to be still so that the body calms down', 'a time without effort'],
      'We rest for three minutes before the next round.',
    ),
  ],
}

import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can find out in which liquid steel rusts first.',
  science:
    'Rust is iron that has joined with oxygen where there is water, too. It needs both: oil keeps water and air away. Salt in water makes rusting faster. Vinegar eats away at the coating and the steel, so what happens there may look different.',
  misconceptions:
    'Children often think that water alone makes rust, that every metal rusts, or that rust is dirt that has come from outside.',
  questions:
    'What do all rusty clips have in common? Why is half of the clip out of the liquid? How do bicycles keep from rusting?',
  surprises: 'The line where clip, water and air meet often rusts first.',
  words: [
    word(
      'rust',
      [
        'brown stuff on old iron',
        'the brown crust that grows on iron',
        'what iron turns into with water and air',
      ],
      'The old gate has rust on it.',
    ),
    word(
      'iron',
      [
        'a metal that can rust',
        'a metal that magnets pull and that rusts',
        'a metal from which steel is made',
      ],
      'Steel is made mostly of iron.',
    ),
    word(
      'liquid',
      [
        'something that you can pour',
        'something that flows and takes the shape of its cup',
        'a material that flows and takes the shape of its vessel',
      ],
      'We tested four liquids.',
    ),
    word(
      'coating',
      ['a thin skin on top', 'a thin layer on the outside', 'a thin layer that covers and protects'],
      'The paint on a bicycle is a coating.',
    ),
    word(
      'observe',
      [
        'to look carefully',
        'to look carefully and write down what you see',
        'to look carefully and record what is seen',
      ],
      'We observe the clips every day.',
    ),
  ],
}

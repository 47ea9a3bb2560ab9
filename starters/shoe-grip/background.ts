import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can compare soles fairly and use a force meter to say which grips best.',
  science:
    'Friction is a force between two surfaces that rub; it works against sliding. Rough and soft surfaces usually catch in each other more than smooth hard ones, and a heavier load presses them together and gives more friction.',
  misconceptions:
    'Children often think that friction is always bad, or that a bigger shoe must grip more. Many pull with a jerk and read the highest number.',
  questions:
    'When do we want friction, and when don’t we? Why do all the shoes carry the same bag? What would happen on ice?',
  surprises:
    'A ridged sole doesn’t always win on a smooth dry board: flat rubber touches it with more of its surface.',
  words: [
    word(
      'friction',
      [
        'what stops things from sliding',
        'the rubbing that slows things down',
        'a force between two surfaces that works against sliding',
      ],
      'Brakes slow a bicycle by friction.',
    ),
    word(
      'force',
      ['a push or a pull', 'a push or a pull', 'a push or a pull, measured in newtons'],
      'We read the force when the shoe slips.',
    ),
    word(
      'grip',
      ['to hold on', 'to hold on to the ground without slipping', 'how well a surface holds on to another'],
      'Climbers need shoes with grip.',
    ),
    word(
      'surface',
      [
        'the outside of a thing',
        'the outside or top of something',
        'the outside of something, where it touches other things',
      ],
      'The surface of the board is smooth.',
    ),
    word(
      'newton',
      [
        'what a force meter counts',
        'the unit in which forces are measured',
        'the unit of force; an apple is pulled down with about one',
      ],
      'The force meter shows newtons.',
    ),
  ],
}

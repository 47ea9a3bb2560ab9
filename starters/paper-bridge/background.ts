import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can improve a bridge by altering one thing at a time and testing it.',
  science:
    'A flat sheet bends easily because it is thin. Folds stand the paper on its edge, where it is far stiffer, so a folded sheet carries many times more. A load in the middle bends a bridge most.',
  misconceptions:
    'Children often think that a stronger bridge needs more paper, or alter three things at once and then can’t say which helped.',
  questions:
    'Which one thing did you alter? Why does a fold help? Where would you look for folded sheets in the world?',
  surprises: 'The same single sheet holds several times as much once it is folded in a zigzag.',
  words: [
    word(
      'bridge',
      [
        'a way over a gap',
        'something that carries things over a gap',
        'a structure that carries a load over a gap',
      ],
      'Our bridge held 14 washers.',
    ),
    word(
      'load',
      ['what it has to carry', 'what something has to carry', 'the weight that a structure carries'],
      'The load lies in the middle.',
    ),
    word(
      'fold',
      ['to bend over', 'to bend paper over on itself', 'to bend paper sharply along a line'],
      'We fold the sheet along the pencil line.',
    ),
    word(
      'structure',
      [
        'something that is built',
        'something built from parts',
        'something built so that it holds together and carries a load',
      ],
      'A tower is a structure, and so is a shelf.',
    ),
    word(
      'improve',
      ['to make better', 'to make better', 'to make better by testing and altering'],
      'We change one thing to improve our design.',
    ),
  ],
}

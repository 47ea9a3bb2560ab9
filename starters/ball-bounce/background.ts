import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can change only the drop height and find a pattern in how high the ball bounces.',
  science:
    'Lifted up, the ball stores energy; falling, it turns it into movement, and the squashed ball turns part of that back into height. Some energy becomes warmth and sound, so a ball never bounces back to where it was let go. A ball bounces to about the same share of its drop height, as long as it doesn’t fall very far.',
  misconceptions:
    'Children often think that a heavier ball must bounce higher, or that pushing it down counts as dropping. Some expect twice the height to add the same few centimetres each time.',
  questions:
    'Where does the height go that is missing? What would the bounce be from a height that we didn’t test? How do you read the top of something that moves?',
  surprises:
    'From twice as high it bounces about twice as high: dots on a chart lie nearly on a straight line.',
  words: [
    word(
      'bounce',
      [
        'to spring back up',
        'to spring back after hitting something',
        'to spring back from a surface after being squashed against it',
      ],
      'We watch the top of the bounce.',
    ),
    word(
      'height',
      [
        'how high something is',
        'how far up something is from the floor',
        'the distance straight up from the floor',
      ],
      'We read the height of the bounce in centimetres.',
    ),
    word(
      'gravity',
      [
        'what pulls things down',
        'the pull of the Earth on everything',
        'the force with which the Earth pulls things towards it',
      ],
      'Gravity pulls the ball down when we let go.',
    ),
    word(
      'energy',
      [
        'what makes things go',
        'what is needed to move or warm something',
        'what something has when it can move, lift or warm something',
      ],
      'The ball loses some energy at each bounce.',
    ),
    word(
      'pattern',
      [
        'something that goes on the same way',
        'a change that goes on in the same way',
        'a regular change that lets us foretell the next result',
      ],
      'We looked for a pattern in our readings.',
    ),
  ],
}

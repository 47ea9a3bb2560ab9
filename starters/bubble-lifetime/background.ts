import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can find out whether sugar makes bubbles last longer, and by how much.',
  science:
    'A bubble is a thin skin of soapy water round air. Water in the skin runs down and dries off until the skin is too thin and bursts. Sugar makes the mix thicker and holds on to water, so that the skin drains and dries more slowly.',
  misconceptions:
    'Children often think that a bigger bubble lasts longer, that bubbles are made of air only, or that more soap always helps.',
  questions:
    'What is the skin made of? Where does a bubble get thin first? Why must all bubbles be as large as the ring?',
  surprises:
    'Bubbles of the same mix last very differently: one bubble says little, the middle of five says more.',
  words: [
    word(
      'bubble',
      [
        'a ball of air in a soapy skin',
        'air in a thin skin of soapy water',
        'air inside a thin skin of liquid',
      ],
      'This bubble lasted 21 seconds.',
    ),
    word(
      'burst',
      ['to break open', 'to break open suddenly', 'to break open suddenly'],
      'The bubble burst at the top.',
    ),
    word(
      'mixture',
      ['things stirred together', 'two or more things put together', 'two or more materials together'],
      'We stir the bubble mixture slowly.',
    ),
    word(
      'dissolve',
      [
        'to go into water so you can’t see it',
        'to spread in water until it can’t be seen',
        'to break up in a liquid into parts too small to see',
      ],
      'The sugar dissolves in the mix.',
    ),
    word(
      'evaporate',
      ['to dry up into the air', 'to dry up and go into the air', 'to turn from a liquid into a gas'],
      'Water evaporates from the skin of the bubble.',
    ),
  ],
}

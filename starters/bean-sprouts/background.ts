import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can find out whether light changes the way seeds grow, and measure it over days.',
  science:
    'A seed has enough food for its first days, so it sprouts without light if it has water, air and warmth. In the dark a sprout stretches to find light: it grows long, thin and pale. In the light it stays shorter, is sturdier and turns green, because there it makes food of its own.',
  misconceptions:
    'Children often think that seeds need light and soil to sprout, that the tallest plant is the healthiest, or that plants eat soil.',
  questions:
    'Which looks healthier, and is it the tallest? What did the seed live on? What would happen to the pale ones in two more weeks?',
  surprises: 'The sprouts in the cupboard grow tallest, and yet they are the weakest.',
  words: [
    word(
      'seed',
      [
        'what a plant grows from',
        'the part from which a new plant grows',
        'the part of a plant from which a new one grows, with food in it',
      ],
      'We laid five seeds in each pot.',
    ),
    word(
      'sprout',
      ['to begin to grow', 'to begin to grow out of the seed', 'a young shoot; to begin growing from a seed'],
      'The seeds sprouted on the third day.',
    ),
    word(
      'shoot',
      [
        'the part that grows up',
        'the part of a plant that grows up',
        'the part of a young plant that grows upwards',
      ],
      'The shoot is 40 mm long.',
    ),
    word(
      'root',
      [
        'the part that grows down',
        'the part of a plant that takes in water',
        'the part of a plant that takes in water and holds it in place',
      ],
      'The root came out first.',
    ),
    word(
      'pale',
      ['with little colour', 'light in colour', 'light in colour, with little green'],
      'This leaf is pale.',
    ),
  ],
}

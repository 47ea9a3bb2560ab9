import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can find out which jacket keeps warm water warm, by reading thermometers over time.',
  science:
    'Warmth goes from the warm water to the cooler room until both are equally warm. A jacket with much still air in it slows this down, since air carries warmth badly. It doesn’t make anything warm by itself.',
  misconceptions:
    'Many children think that wool and coats make warm, so a jacket would heat even a cold bottle; or that cold goes into the bottle.',
  questions:
    'What would the jacket do to a cold drink? Where does the warmth go? Why does the bottle cool fastest at the beginning?',
  surprises: 'The bottle without a jacket loses most in the first minutes, then more and more slowly.',
  words: [
    word(
      'temperature',
      [
        'how hot or cold',
        'how hot or cold something is',
        'how hot or cold something is, measured in degrees',
      ],
      'The temperature fell from 40 to 34 °C.',
    ),
    word(
      'thermometer',
      [
        'a thing that shows how warm it is',
        'an instrument that measures temperature',
        'an instrument that measures temperature',
      ],
      'Read the thermometer while it is in the water.',
    ),
    word(
      'insulate',
      ['to keep warm or cool', 'to keep warmth from getting through', 'to slow down the passing of warmth'],
      'A cool bag insulates the drinks inside.',
    ),
    word(
      'insulator',
      [
        'a thing that keeps warmth in',
        'a material that keeps warmth from passing',
        'a material that lets warmth pass only slowly',
      ],
      'A wooden spoon is an insulator, so its handle stays cool.',
    ),
    word(
      'cool down',
      ['to get less warm', 'to get less warm', 'to lose warmth to what is colder'],
      'Soup cools down in the bowl.',
    ),
  ],
}

import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can find out whether the parts always add up to the whole, in volume and in mass.',
  science:
    'Peas leave gaps between them, and small rice grains slip into these gaps. So rice and peas together take up less room than the two heaps apart. Their masses add up all the same, because nothing is lost.',
  misconceptions:
    'Children usually expect one cup and one cup to make two. When they don’t, many think that something was spilt.',
  questions:
    'Where has the missing room gone? What would happen with two cups of peas? Do you think the balance will say the same as the cylinder?',
  surprises:
    'The volume of the mix is clearly less than the sum, while the mass is the same to within a gram or two.',
  words: [
    word(
      'volume',
      [
        'how much room something takes',
        'how much space something takes up',
        'the space that something takes up, in millilitres',
      ],
      'Read the volume at eye level.',
    ),
    word(
      'mixture',
      [
        'things put together',
        'two or more things put together',
        'two or more materials together that can be parted again',
      ],
      'We pour both together and get a mixture.',
    ),
    word(
      'gap',
      ['an empty place', 'an empty place between things', 'an empty space between things'],
      'There are gaps between marbles in a jar.',
    ),
    word(
      'measuring cylinder',
      [
        'a tall cup with marks',
        'a tall vessel with marks to measure how much there is',
        'a vessel with a scale for measuring volume',
      ],
      'Stand the measuring cylinder on a flat table.',
    ),
    word(
      'total',
      ['all together', 'all parts together', 'what all parts come to together'],
      'We add both readings to get the total.',
    ),
  ],
}

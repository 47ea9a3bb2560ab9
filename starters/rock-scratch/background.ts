import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can order rocks by hardness with a test in which one scratches the other.',
  science:
    'A harder rock leaves a scratch in a softer one; the softer one only leaves powder, which wipes off. Geologists tell minerals by this. Hardness is not the same as being heavy, and a rock can be hard and still crumble if its grains hold together badly.',
  misconceptions:
    'Children often take the powder for a scratch, think that the heaviest rock is the hardest, or call everything that is not a plant a rock.',
  questions:
    'How do you know that it is a scratch and no powder? If A scratches B and B scratches C, what about A and C? Which rock would you build a step of?',
  surprises:
    'Sandstone is made of hard grains, but they come loose: it may scratch another rock and crumble at the same time.',
  words: [
    word(
      'rock',
      [
        'a kind of stone',
        'what stones and the ground are made of',
        'a natural material made of grains or crystals of minerals',
      ],
      'We lay each rock on newspaper.',
    ),
    word(
      'hard',
      ['not easy to scratch', 'not easily scratched', 'able to scratch what is softer'],
      'A steel nail is hard.',
    ),
    word(
      'scratch',
      [
        'a line cut into it',
        'a mark cut into a surface',
        'a mark cut into a surface, which can’t be wiped away',
      ],
      'Wipe first: a scratch stays.',
    ),
    word(
      'crumble',
      ['to break into bits', 'to break into small pieces', 'to fall apart into grains or powder'],
      'Dry bread crumbles.',
    ),
    word(
      'grain',
      ['a tiny bit', 'one of the small pieces in a rock', 'one of the small pieces that a rock is made of'],
      'Look at the grains with a hand lens.',
    ),
  ],
}

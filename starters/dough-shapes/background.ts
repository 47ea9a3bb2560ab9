import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can find out by weighing whether another shape changes how much dough there is.',
  science:
    'Dough has as much matter in a ball as in a sausage or in crumbs: nothing is added and nothing taken away. Its mass stays the same however it is shaped, as long as none of it is left on the board or dries out.',
  misconceptions:
    'Many children are sure that the long sausage has more because it is longer, or the flat piece less because it is thin. Some think that many small lumps weigh more than one.',
  questions:
    'What would have to happen for it to weigh less? What did you think before weighing, and why? Is there more to eat of a pizza cut into twelve?',
  surprises:
    'Readings may differ by a gram although nothing was lost: the balance reads only to whole grams.',
  words: [
    word(
      'mass',
      [
        'how heavy something is',
        'how much there is of something, in grams',
        'how much matter something has, measured in grams',
      ],
      'The mass of our dough is 198 g.',
    ),
    word(
      'shape',
      ['how a thing looks from outside', 'the outside form of something', 'the outside form of something'],
      'We changed the shape, not the amount.',
    ),
    word(
      'balance',
      [
        'a thing to weigh with',
        'an instrument that shows how heavy something is',
        'an instrument that measures mass',
      ],
      'We put the dough on the balance.',
    ),
    word(
      'the same',
      ['not different', 'not different in what we look at', 'equal, as far as we can measure'],
      'We use the same lump each time.',
    ),
    word(
      'conserve',
      ['to keep', 'to stay as much as before', 'to stay the same in amount through a change'],
      'Is mass conserved? We weigh it again to find out.',
    ),
  ],
}

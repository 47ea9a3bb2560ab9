import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can find out how a magnet’s pull changes when cards come between.',
  science:
    'A magnet pulls iron and most kinds of steel without touching. Card doesn’t stop the pull, but each card moves the clips further away, and a magnet’s pull gets weaker quickly with distance.',
  misconceptions:
    'Children often think that magnets pull all metals, that bigger magnets are always stronger, or that card blocks magnetism.',
  questions:
    'Is it the card or the distance? How could you find out? Which things in this room would a magnet pull?',
  surprises:
    'The first cards cost the most clips; later ones make little difference since hardly any are left.',
  words: [
    word(
      'magnet',
      [
        'a thing that pulls iron',
        'a thing that pulls iron and steel',
        'something that attracts iron and steel and has two poles',
      ],
      'The magnet holds twelve clips.',
    ),
    word(
      'attract',
      ['to pull closer', 'to pull towards itself', 'to pull towards itself without touching'],
      'The magnet attracts the clips.',
    ),
    word(
      'steel',
      [
        'a strong metal',
        'a metal made mostly of iron',
        'a metal made mostly of iron; magnets attract most kinds of it',
      ],
      'Paper clips are made of steel.',
    ),
    word(
      'layer',
      [
        'a sheet on top of another',
        'one sheet lying on another',
        'one of several sheets that lie on one another',
      ],
      'Each layer is one sheet of card.',
    ),
    word(
      'magnetic',
      ['pulled by a magnet', 'pulled by a magnet', 'attracted by a magnet'],
      'Plastic is not magnetic.',
    ),
  ],
}

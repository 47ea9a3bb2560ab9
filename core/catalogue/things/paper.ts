import { thing, write } from '../thing'

const sheet = { unit: 'sheets', use: 'used-up', spare: 10 } as const

/** Paper, card and what is written or stuck with. */
export const paperThings = [
  thing('paper', {
    ...sheet,
    also: 'sheet of paper, plain paper, writing paper, printer paper, copier paper, A4, A3, drawing paper, paper sheet, paper fan',
    instead: ['newspaper'],
  }),
  thing('squared paper', { ...sheet, also: 'graph paper, cm squared paper, square paper' }),
  thing('sugar paper', { ...sheet, also: 'construction paper, coloured paper', instead: ['paper'] }),
  thing('tissue paper', { ...sheet, also: 'crepe paper' }),
  thing('greaseproof paper', { ...sheet, also: 'baking paper, parchment' }),
  thing('newspaper', { ...sheet, also: 'old newspaper, newsprint', instead: ['paper'] }),
  thing('kitchen paper', {
    ...sheet,
    also: 'paper towel, kitchen towel, bumpy kitchen paper, plain kitchen paper',
    instead: ['napkin'],
  }),
  thing('napkin', {
    ...sheet,
    also: 'paper napkin, thin napkin, serviette, tissue, paper tissue, handkerchief',
  }),
  thing('toilet paper', { ...sheet, also: 'toilet roll' }),
  thing('filter paper', {
    ...sheet,
    also: 'coffee filter, blotting paper, paper strip, strip of paper',
  }),
  thing('sandpaper', { ...sheet, also: 'glass paper, glasspaper, abrasive paper, emery paper' }),
  thing('recording sheet', {
    ...sheet,
    also: 'worksheet, results sheet, record sheet',
  }),
  thing('card', {
    ...sheet,
    also: 'cardboard, thin card, thick card, corrugated card, piece of card',
    instead: ['sugar paper'],
  }),
  thing('cardboard box', {
    also: 'box, shoebox, shoe box, carton, egg box, cereal box, cereal packet',
  }),
  thing('kitchen roll', { use: 'used-up' }),
  thing('cardboard tube', { also: 'paper tube, kitchen roll tube, paper roll' }),
  thing('book', { also: 'pile of books, exercise book, textbook, magazine' }),
  thing('notebook', { also: 'clipboard, journal, class journal' }),
  thing('pencil', { also: 'pencil and paper, colouring pencil, crayon, coloured pencil' }),
  thing('pen', {
    also: 'felt pen, felt tip, felt-tip, marker, marker pen, whiteboard pen, ballpoint pen',
  }),
  thing('chalk', {
    use: 'used-up',
    unit: 'sticks',
    spare: 10,
    hazards: ['dust'],
    also: 'stick of chalk, piece of chalk',
  }),
  thing('rubber', { also: 'eraser, pencil rubber' }),
  thing('label', {
    ahead: write,
    use: 'used-up',
    spare: 10,
    also: 'sticky label',
  }),
  thing('sticky dot', {
    use: 'used-up',
    spare: 20,
    also: 'sticker, sticky note, dot, coloured dot',
  }),
  thing('masking tape', {
    unit: 'cm',
    use: 'used-up',
    spare: 20,
    also: 'sticky tape, adhesive tape, clear tape, parcel tape, double-sided tape, tape, roll of tape, insulating tape',
  }),
  thing('glue stick', {
    also: 'stick of glue, paper glue, glue',
    spare: 10,
  }),
  thing('sticky tack', {
    use: 'used-up',
    also: 'tack putty, modelling clay, clay, play dough, salt dough, putty',
    unit: 'g',
  }),
  thing('string', {
    unit: 'cm',
    use: 'used-up',
    spare: 10,
    also: 'ball of string, thread, cotton thread, twine, ribbon, yarn, length of string, piece of string',
  }),
  thing('rope', {
    hazards: ['cords'],
    also: 'skipping rope, long rope, cord, clothes line, washing line, bungee cord',
  }),
  thing('paper clip', {
    spare: 20,
    also: 'paperclip, clip, bulldog clip, binder clip, steel clip, metal clip, plastic clip',
    hazards: ['small-parts'],
    instead: [],
  }),
  thing('clothes peg', { also: 'peg, washing peg' }),
]

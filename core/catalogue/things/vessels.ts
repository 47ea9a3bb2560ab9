import { thing } from '../thing'

/** What things are put into, poured with and laid on. */
export const vesselThings = [
  thing('cup', {
    sizedBy: ['volume'],
    also: 'plastic cup, paper cup, beaker, plastic beaker, tumbler, plastic glass, plastic tumbler, mug, cup with lid, yoghurt pot, yogurt pot',
    instead: ['plastic jar', 'small pot'],
  }),
  thing('small pot', {
    sizedBy: ['volume'],
    also: 'pot, plant pot, flower pot, seed tray, plastic pot',
    instead: ['cup'],
  }),
  thing('plastic jar', {
    sizedBy: ['volume'],
    also: 'jar with lid, jar, tub, plastic tub, lidded tub, container, plastic container, plastic box, box with lid, ice cream tub, film canister, film pot, film can',
    instead: ['cup'],
  }),
  thing('plastic bottle', {
    sizedBy: ['volume'],
    also: 'bottle, water bottle, drinks bottle, milk bottle, squeezy bottle',
    instead: ['plastic jar'],
  }),
  thing('spray bottle', { sizedBy: ['volume'], also: 'mister', hazards: ['spills'] }),
  thing('glass jar', {
    sizedBy: ['volume'],
    also: 'jam jar, marmalade jar, pickle jar, honey jar, mason jar, jar of glass, glass',
    hazards: ['glass'],
    instead: ['plastic jar'],
  }),
  thing('glass bottle', { sizedBy: ['volume'], hazards: ['glass'], instead: ['plastic bottle'] }),
  thing('glass beaker', {
    sizedBy: ['volume'],
    also: 'test tube, flask, glass tube, glass rod, glass plate, glass sheet, microscope slide, glass slide, pane of glass, drinking glass, glass cylinder, glass dish',
    hazards: ['glass'],
    instead: ['cup'],
  }),
  thing('mirror', { hazards: ['glass', 'bright-light'], also: 'looking glass, glass mirror' }),
  thing('plastic mirror', { also: 'safety mirror', hazards: ['bright-light'] }),
  thing('bowl', {
    sizedBy: ['volume'],
    also: 'plastic bowl, mixing bowl, washing up bowl, dish, basin, washing-up bowl, sink, trough, paddling pool, water tank, bath tub, tank',
    instead: ['tray'],
  }),
  thing('bucket', { sizedBy: ['volume'], also: 'pail' }),
  thing('tray', {
    also: 'baking tray, cake tin, baking tin, bun tin, muffin tin, plastic tray, tray with a rim',
    instead: ['bowl'],
  }),
  thing('plate', { also: 'saucer, paper plate, plastic plate', instead: ['tray'] }),
  thing('jug', { sizedBy: ['volume'], also: 'measuring jug, pouring jug' }),
  thing('watering can', { hazards: ['spills'] }),
  thing('funnel', { also: 'plastic funnel' }),
  thing('sieve', { also: 'strainer, colander, tea strainer' }),
  thing('spoon', {
    also: 'teaspoon, tablespoon, brush, paint brush, paintbrush, toothbrush, nail brush, measuring spoon, plastic spoon, wooden spoon, ladle, scoop, stirrer, chopstick',
  }),
  thing('metal spoon', {}),
  thing('fork', { also: 'plastic fork, cutlery' }),
  thing('dropper', { also: 'pipette, syringe, plastic syringe, eye dropper' }),
  thing('straw', {
    use: 'used-up',
    spare: 10,
    hazards: ['mouth-things'],
    also: 'drinking straw, paper straw',
  }),
  thing('ice cube tray', { also: 'ice tray, ice-cube tray, ice mould' }),
  thing('plastic bag', {
    use: 'used-up',
    spare: 10,
    hazards: ['plastic-bags'],
    also: 'freezer bag, sandwich bag, zip bag, bin bag, bin liner, carrier bag, resealable bag, polythene bag, polythene, plastic sheet, plastic film',
  }),
  thing('cling film', {
    unit: 'cm',
    use: 'used-up',
    hazards: ['plastic-bags'],
    also: 'food wrap, clingfilm',
  }),
  thing('bag', {
    sizedBy: ['mass', 'volume'],
    also: 'paper bag, cloth bag, fabric bag, rucksack, sack, bag of sand, sandbag, beanbag, bean bag',
  }),
  thing('sponge', { also: 'washing-up sponge, bath sponge', instead: ['cloth'] }),
  thing('cloth', { also: 'dishcloth, tea towel, towel, rag, duster, flannel, mop' }),
  thing('hot-water bottle', { hazards: ['hot-water'] }),
  thing('vacuum flask', { also: 'flask for drinks', hazards: ['hot-water'] }),
  thing('kettle', { hazards: ['hot-water', 'mains'], keeper: 'teacher', also: 'electric kettle' }),
]

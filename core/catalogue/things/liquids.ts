import { freeze, thing } from '../thing'

const liquid = { unit: 'mL', use: 'used-up' } as const
const powder = { unit: 'g', use: 'used-up' } as const

/** Liquids, powders and what is mixed. */
export const liquidThings = [
  thing('water', {
    ...liquid,
    hazards: ['spills'],
    also: 'cold water, tap water, rain water, rainwater, pure water, distilled water, puddle, room-temperature water, cool water',
  }),
  thing('warm water', {
    ...liquid,
    hazards: ['warm-water', 'spills'],
    keeper: 'teacher',
    also: 'lukewarm water, hand-warm water, tepid water, warm tap water',
  }),
  thing('hot water', {
    ...liquid,
    hazards: ['hot-water', 'spills'],
    keeper: 'teacher',
    also: 'boiling water, boiled water, very warm water, steam, hot liquid, hot drink, hot tea, hot tap water, kettle water',
  }),
  thing('ice', {
    unit: 'cubes',
    use: 'used-up',
    spare: 20,
    hazards: ['ice', 'spills'],
    ahead: freeze,
    also: 'ice cube, ice block, crushed ice, ice water, iced water, snow, ice lolly, frozen water',
  }),
  thing('dry ice', { hazards: ['dry-ice'], also: 'liquid nitrogen, solid carbon dioxide' }),
  thing('freezer', { room: true, also: 'fridge, refrigerator, ice pack, cool box' }),
  thing('salt water', {
    ...liquid,
    hazards: ['spills', 'stinging'],
    also: 'salty water, brine, sea water, seawater',
  }),
  thing('sugar water', {
    ...liquid,
    hazards: ['spills', 'allergens'],
    also: 'syrup, treacle, honey, golden syrup',
  }),
  thing('soapy water', {
    ...liquid,
    hazards: ['spills', 'stinging'],
    allergens: ['perfume'],
    also: 'soap solution, bubble mix, bubble mixture, bubble liquid, washing-up water',
  }),
  thing('washing-up liquid', {
    ...liquid,
    hazards: ['stinging', 'spills'],
    allergens: ['perfume'],
    also: 'dish soap, liquid soap, hand soap, shampoo, bubble bath, detergent, soap, bar of soap, shower gel',
  }),
  thing('washing powder', {
    ...powder,
    hazards: ['mixed-cleaners', 'dust'],
    allergens: ['perfume'],
    also: 'laundry powder, laundry liquid, dishwasher tablet, washing liquid, fabric softener, washing tablet, floor cleaner, window cleaner, bathroom cleaner, kitchen cleaner, bathroom spray, oven spray, surface spray, kitchen spray, glass cleaner, carpet cleaner, cleaner, cleaning spray, cleaning product, stain remover, disinfectant, antibacterial spray, borax',
  }),
  thing('bleach', {
    ...liquid,
    named: 'acid',
    hazards: ['strong-chemicals'],
    also: 'chlorine, drain cleaner, oven cleaner, caustic soda, ammonia, hydrochloric acid, sulphuric acid, sulfuric acid, nitric acid, battery acid, descaler, limescale remover, toilet cleaner, lye, quicklime, weedkiller, weed killer, pesticide, mercury, paint stripper, strong acid, hydrogen peroxide, peroxide, iodine, copper sulphate, copper sulfate, rust remover, antifreeze',
  }),
  thing('methylated spirit', {
    ...liquid,
    hazards: ['flammable-liquids'],
    keeper: 'teacher',
    also: 'alcohol, rubbing alcohol, surgical spirit, white spirit, turpentine, turps, acetone, nail varnish remover, nail polish remover, petrol, paraffin, lamp oil, lighter fluid, hand sanitiser, hand sanitizer, hand gel, ethanol, perfume, aftershave, deodorant spray, hairspray, hair spray, aerosol, aerosol can, paint thinner, thinner, firelighter, diesel, kerosene, gasoline, wine, vodka, spirits, methanol, isopropanol',
  }),
  thing('vinegar', { ...liquid, hazards: ['stinging', 'spills'], also: 'white vinegar, malt vinegar' }),
  thing('lemon juice', {
    ...liquid,
    hazards: ['stinging', 'allergens'],
    allergens: ['fruit'],
    also: 'lemon, lime juice, orange juice, fruit juice, apple juice, juice, tomato juice',
  }),
  thing('cola', {
    ...liquid,
    hazards: ['allergens', 'spills'],
    also: 'fizzy drink, lemonade, soda water, sparkling water, fizzy water, tonic water, squash',
  }),
  thing('milk', {
    ...liquid,
    hazards: ['allergens', 'spills'],
    allergens: ['milk'],
    also: 'cream, yoghurt, yogurt, cow’s milk',
  }),
  thing('oil', {
    ...liquid,
    hazards: ['spills'],
    also: 'vegetable oil, sunflower oil, olive oil, cooking oil, rapeseed oil, baby oil',
  }),
  thing('nut oil', {
    ...liquid,
    hazards: ['allergens', 'spills'],
    allergens: ['nuts'],
    also: 'walnut oil, almond oil',
  }),
  thing('peanut oil', {
    ...liquid,
    hazards: ['allergens', 'spills'],
    allergens: ['peanuts'],
    also: 'groundnut oil',
  }),
  thing('sesame oil', { ...liquid, hazards: ['allergens', 'spills'], allergens: ['sesame'] }),
  thing('tea', {
    ...liquid,
    hazards: ['allergens'],
    also: 'tea bag, teabag, coffee, cocoa, herbal tea',
  }),
  thing('sun cream', {
    ...liquid,
    hazards: ['stinging', 'sun'],
    allergens: ['perfume'],
    also: 'sunscreen, sun lotion, sun block',
  }),
  thing('toothpaste', {
    ...powder,
    allergens: ['perfume'],
    also: 'hand cream, face cream, shaving foam, shaving cream, body lotion',
  }),
  thing('fertiliser', {
    ...liquid,
    hazards: ['stinging', 'soil'],
    keeper: 'teacher',
    also: 'fertilizer, plant food, plant feed, tomato feed',
  }),
  thing('essential oil', {
    ...liquid,
    hazards: ['stinging'],
    allergens: ['perfume'],
    also: 'scented oil, peppermint oil, lavender oil, tea tree oil, air freshener, room spray',
  }),
  thing('glow stick', { hazards: ['stinging'], use: 'used-up', also: 'light stick' }),
  thing('glycerine', { ...liquid, hazards: ['spills'], also: 'glycerin, glycerol' }),
  thing('food colouring', {
    ...liquid,
    hazards: ['allergens'],
    also: 'food dye, food coloring, food color, food colour',
  }),
  thing('paint', {
    ...liquid,
    hazards: ['spills'],
    also: 'poster paint, ready-mixed paint, watercolour, water colour, finger paint, ink, dye',
  }),
  thing('varnish', {
    ...liquid,
    hazards: ['glue', 'flammable-liquids'],
    also: 'gloss paint, spray paint, nail varnish, nail polish, lacquer, wood varnish, oil paint, enamel paint',
  }),
  thing('PVA glue', {
    ...liquid,
    also: 'pva, school glue, white glue, craft glue, liquid glue, wallpaper paste',
  }),
  thing('strong glue', {
    hazards: ['glue'],
    keeper: 'teacher',
    also: 'instant glue, super glue, superglue, epoxy, contact glue, wood glue, solvent glue, cyanoacrylate',
  }),
  thing('glue gun', {
    hazards: ['glue-gun', 'mains'],
    keeper: 'teacher',
    also: 'hot glue, hot-glue, hot glue gun',
  }),
  thing('salt', {
    ...powder,
    also: 'table salt, sea salt, cooking salt, epsom salts',
    hazards: ['stinging'],
  }),
  thing('sugar', {
    ...powder,
    hazards: ['allergens'],
    also: 'spoon of sugar, brown sugar, sugar cube, sugar lump, icing sugar, caster sugar, sugar crystal',
  }),
  thing('flour', {
    ...powder,
    hazards: ['allergens', 'dust'],
    allergens: ['gluten'],
    also: 'wheat flour, plain flour, bread flour, self-raising flour',
    instead: ['cornflour'],
  }),
  thing('cornflour', {
    ...powder,
    hazards: ['allergens', 'dust'],
    also: 'corn flour, cornstarch, starch, potato starch, rice flour, custard powder, talcum powder, talc, powder paint',
  }),
  thing('plaster', {
    ...powder,
    hazards: ['dust', 'heating'],
    also: 'plaster of Paris, cement, concrete mix',
    keeper: 'teacher',
  }),
  thing('baking soda', {
    ...powder,
    hazards: ['dust', 'pressure'],
    also: 'bicarbonate of soda, baking powder, bicarb, bicarbonate, effervescent tablet, fizzy tablet, bath bomb',
  }),
  thing('yeast', {
    ...powder,
    hazards: ['allergens', 'pressure'],
    also: 'dried yeast, fresh yeast, baker’s yeast',
  }),
  thing('dough', {
    ...powder,
    hazards: ['allergens'],
    allergens: ['gluten'],
    also: 'bread dough, pastry, ball of dough, lump of dough, piece of dough',
    instead: ['sticky tack'],
  }),
  thing('sand', {
    ...powder,
    hazards: ['soil'],
    also: 'play sand, gravel, grit, pebble, small stone',
  }),
  thing('soil', {
    ...powder,
    hazards: ['soil'],
    also: 'compost, growbag, earth, potting soil, potting compost, mud, peat, garden soil, clay soil',
  }),
  thing('medicine', {
    use: 'used-up',
    hazards: ['medicines'],
    also: 'pill, aspirin, paracetamol, vitamin, vitamin tablet, cough syrup, antacid, ibuprofen, headache tablet, indigestion tablet, soluble tablet, dissolving tablet',
  }),
]

import { soak, sprout, thing, type Thing } from '../thing'

const eaten = { use: 'used-up', hazards: ['allergens'] } as const
const grains = { unit: 'mL', use: 'used-up', spare: 10 } as const
const plant = { use: 'used-up', hazards: ['plants'], spare: 20 } as const

/** Food, seeds and what lives. */
export const foodThings: Thing[] = [
  thing('rice', { ...grains, hazards: ['allergens'], also: 'uncooked rice, rice grain, dry rice' }),
  thing('dried peas', {
    ...grains,
    hazards: ['allergens', 'rolling', 'small-parts'],
    allergens: ['legumes'],
    also: 'pea, chickpea',
  }),
  thing('lentil', { ...grains, hazards: ['allergens'], allergens: ['legumes'], also: 'dried lentil' }),
  thing('pasta', {
    ...eaten,
    unit: 'g',
    allergens: ['gluten'],
    also: 'spaghetti, macaroni, noodle, couscous, semolina',
  }),
  thing('bread', {
    ...eaten,
    hazards: ['allergens'],
    allergens: ['gluten'],
    unit: 'slices',
    also: 'slice of bread, toast, cake, biscuit, cracker, cereal, breakfast cereal, crisp, cornflake, oats, oat flake, wheat, barley, bran',
  }),
  thing('peanut', { ...eaten, allergens: ['peanuts'], also: 'peanut butter, groundnut' }),
  thing('nut', {
    ...eaten,
    allergens: ['nuts'],
    also: 'walnut, hazelnut, almond, cashew, pistachio, pecan, brazil nut, marzipan, nut spread, chestnut, conker',
  }),
  thing('sesame seed', { ...eaten, allergens: ['sesame'], also: 'sesame, tahini' }),
  thing('mustard', { ...eaten, allergens: ['mustard'], also: 'mustard seed, mustard powder' }),
  thing('egg', {
    ...eaten,
    allergens: ['egg'],
    spare: 20,
    also: 'raw egg, boiled egg, hen’s egg, eggshell, egg shell, egg white, egg yolk, meringue, mayonnaise',
  }),
  thing('cheese', {
    ...eaten,
    unit: 'g',
    allergens: ['milk'],
    also: 'butter, margarine, ice cream, chocolate, milk chocolate, chocolate button, chocolate bar, custard, toffee, fudge',
  }),
  thing('soya', {
    ...eaten,
    allergens: ['soya'],
    also: 'soy, tofu, soya milk, soy sauce, edamame, soy milk, soya bean',
  }),
  thing('fish', { ...eaten, allergens: ['fish'], also: 'tuna, sardine, fish finger' }),
  thing('shellfish', {
    ...eaten,
    allergens: ['shellfish'],
    also: 'prawn, shrimp, crab, mussel, seashell',
  }),
  thing('celery', {
    ...eaten,
    allergens: ['celery'],
    also: 'celery stick, stick of celery, celery stalk',
  }),
  thing('apple', {
    ...eaten,
    named: 'orange',
    allergens: ['fruit'],
    also: 'fruit, banana, pear, grape, raisin, strawberry, tomato, potato, carrot, cucumber, onion, red cabbage, cabbage, vegetable, kiwi, peach, berry, beetroot, lettuce, salad, avocado, mango, pineapple, plum, cherry, melon, apple slice, jam, ketchup, oranges, orange peel, slice of orange, orange segment',
  }),
  thing('sweet', {
    ...eaten,
    allergens: ['milk'],
    also: 'candy, gummy bear, jelly baby, jelly bear, chewing gum, marshmallow, lollipop, boiled sweet, gelatine, jelly, jelly cube, fruit gum, liquorice',
  }),
  thing('meat', {
    ...eaten,
    hazards: ['allergens', 'germs'],
    also: 'raw meat, chicken, raw chicken, ham, sausage, bone, chicken bone',
  }),
  thing('popcorn', { ...eaten, also: 'popping corn, maize, corn, sweetcorn' }),
  thing('food', { ...eaten, also: 'snack, packed lunch, suet, lard, bird food, pet food' }),
  thing('bean', {
    ...plant,
    allergens: ['legumes'],
    ahead: soak,
    also: 'mung bean, haricot bean, broad bean, runner bean, dried bean, bean seed, soaked bean, butter bean, pea seed',
  }),
  thing('kidney bean', {
    ...plant,
    hazards: ['plants', 'poisonous-plants'],
    allergens: ['legumes'],
    also: 'red kidney bean, raw kidney bean, castor bean',
  }),
  thing('cress seed', {
    ...plant,
    also: 'cress, seed, radish seed, grass seed, lettuce seed, bird seed, sunflower seed, tomato seed, pumpkin seed, wheat seed, carrot seed, flower seed',
  }),
  thing('mustard and cress', { ...plant, allergens: ['mustard'], also: 'mustard cress' }),
  thing('seedling', {
    ...plant,
    ahead: sprout,
    also: 'sprout, bean sprout, bean plant, bean seedling, young plant, cress plant',
  }),
  thing('plant', {
    ...plant,
    named: 'leaves',
    also: 'leaf, green leaves, dry leaves, autumn leaves, fallen leaves, dead leaves, number of leaves, potted plant, pot plant, houseplant, house plant, grass, moss, twig, stem, tree, bark, branch, pondweed, herb, mint, basil, mint leaf, hyacinth, tomato plant, strawberry plant, potato plant, pine cone, pinecone, acorn, algae',
  }),
  thing('flower', {
    ...plant,
    hazards: ['plants', 'pollen'],
    allergens: ['pollen'],
    also: 'white flower, carnation, tulip, daisy, cut flower, petal, dandelion, catkin, blossom, pollen, hay',
  }),
  thing('poisonous plant', {
    hazards: ['poisonous-plants'],
    also: 'foxglove, daffodil bulb, daffodil, yew, laburnum, oleander, lily of the valley, ivy berry, deadly nightshade, holly berry, laurel, mistletoe, wild mushroom, toadstool, hogweed, nettle, poison ivy, castor oil plant',
  }),
  thing('animal', {
    hazards: ['living-things'],
    allergens: ['animals'],
    also: 'hamster, rabbit, guinea pig, bird, chick, pet, dog, cat, mouse, frog, tadpole, goldfish, feather',
  }),
  thing('minibeast', {
    hazards: ['living-things'],
    also: 'woodlouse, snail, worm, earthworm, insect, ant, beetle, caterpillar, spider, slug, mealworm, ladybird, butterfly, water flea, stick insect, maggot',
  }),
  thing('bee', {
    hazards: ['living-things', 'outdoors'],
    allergens: ['stings'],
    also: 'wasp, bumblebee, hornet',
  }),
  thing('pond water', {
    hazards: ['open-water', 'germs', 'spills'],
    also: 'pond, stream, river, lake, river water, ditch water, pond dipping, canal, seaside, sea',
  }),
  thing('mouldy bread', {
    hazards: ['mould', 'allergens'],
    allergens: ['gluten'],
    also: 'mould, mouldy, mold, moldy, rotting food, rotten fruit, decay, rot, go off, fungus, fungi',
  }),
  thing('germs', {
    hazards: ['germs'],
    also: 'bacteria, saliva, spit, blood, urine, toilet, agar, petri dish, swab, dirty hands, unwashed hands, sweat, cheek cell, earwax, dung, bird droppings, animal droppings, poo, snot',
  }),
]

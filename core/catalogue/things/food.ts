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
  thing('peppercorn', {
    ...eaten,
    hazards: ['allergens', 'small-parts', 'rolling'],
    also: 'allspice berry, juniper berry',
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
    also: 'slice of bread, crust, breadcrumb, sandwich, bread roll, bun, bagel, pitta, wrap, tortilla, pancake, waffle, muffin, scone, croissant, doughnut, cookie, brownie, pizza, muesli, granola, porridge, oatmeal, pretzel, dumpling, toast, cake, biscuit, cracker, cereal, breakfast cereal, crisp, cornflake, oats, oat flake, wheat, barley, bran',
  }),
  thing('peanut', { ...eaten, allergens: ['peanuts'], also: 'peanut butter, groundnut' }),
  thing('nut', {
    ...eaten,
    allergens: ['nuts'],
    also: 'walnut, hazelnut, almond, cashew, pistachio, pecan, brazil nut, marzipan, nut spread, chestnut, conker, nougat, praline, hazelnut spread, trail mix, mixed nuts, pesto',
  }),
  thing('sesame seed', { ...eaten, allergens: ['sesame'], also: 'sesame, tahini, hummus, houmous, halva' }),
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
    also: 'cream cheese, buttermilk, whey, ghee, milkshake, hot chocolate, chocolate spread, butter, margarine, ice cream, chocolate, milk chocolate, chocolate button, chocolate bar, custard, toffee, fudge',
  }),
  thing('soya', {
    ...eaten,
    allergens: ['soya'],
    also: 'soy, tofu, soya milk, soy sauce, edamame, soy milk, soya bean',
  }),
  thing('fish', {
    ...eaten,
    allergens: ['fish'],
    also: 'tuna, sardine, salmon, cod, haddock, mackerel, anchovy, fish sauce, fish stock, fish finger',
  }),
  thing('shellfish', {
    ...eaten,
    allergens: ['shellfish'],
    also: 'prawn, shrimp, lobster, crayfish, oyster, scallop, squid, octopus, crab, mussel, seashell',
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
    also: 'fruit, banana, pear, grape, raisin, sultana, currant, date, fig, apricot, nectarine, satsuma, clementine, tangerine, mandarin, grapefruit, blackberry, raspberry, blueberry, cranberry, gooseberry, blackcurrant, pomegranate, papaya, passion fruit, rhubarb, coconut, olive, strawberry, tomato, potato, carrot, cucumber, onion, leek, turnip, swede, parsnip, aubergine, courgette, pumpkin, butternut squash, marrow, spinach, kale, broccoli, cauliflower, chilli, chili, pepper slice, bell pepper, sweet potato, mushroom, ginger, pea pod, sprig of parsley, red cabbage, cabbage, vegetable, kiwi, peach, berry, beetroot, lettuce, salad, avocado, mango, pineapple, plum, cherry, melon, apple slice, jam, ketchup, oranges, orange peel, slice of orange, orange segment',
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
  thing('food', {
    ...eaten,
    also: 'pepper, black pepper, cinnamon, turmeric, curry powder, spice, nutmeg, paprika, seasoning, gravy, gravy granule, stock cube, soup, snack, packed lunch, suet, lard, bird food, pet food',
  }),
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
    also: 'cress, seed, alfalfa, chia seed, linseed, flax seed, fenugreek, poppy seed, sycamore seed, seed pod, quinoa, radish seed, grass seed, lettuce seed, bird seed, sunflower seed, tomato seed, pumpkin seed, wheat seed, carrot seed, flower seed',
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
    also: 'leaf, green leaves, dry leaves, autumn leaves, fallen leaves, dead leaves, number of leaves, potted plant, pot plant, houseplant, house plant, grass, moss, twig, stem, tree, bark, branch, pondweed, herb, parsley, coriander, rosemary, thyme, sage, chive, lavender plant, geranium, marigold, nasturtium, pansy, primrose, fuchsia, begonia, heather, cactus, succulent, aloe, spider plant, fern, ivy, clover, duckweed, seaweed, lichen, watercress, wheatgrass, willow twig, mint, basil, mint leaf, hyacinth, onion bulb, garlic bulb, crocus bulb, tulip bulb, flower bulb, spring bulb, spring onion, garlic, tomato plant, strawberry plant, potato plant, pine cone, pinecone, acorn, algae',
  }),
  thing('flower', {
    ...plant,
    hazards: ['plants', 'pollen'],
    allergens: ['pollen'],
    also: 'white flower, carnation, tulip, rose, poppy, violet, lavender, buttercup, daisy, cut flower, petal, dandelion, catkin, blossom, pollen, hay',
  }),
  thing('poisonous plant', {
    hazards: ['poisonous-plants'],
    also: 'bluebell, snowdrop bulb, monkshood, hemlock, ragwort, spurge, euphorbia, privet berry, lords and ladies, rhododendron, azalea, sweet pea seed, lupin seed, rhubarb leaf, apricot kernel, foxglove, daffodil bulb, daffodil, yew, laburnum, oleander, lily of the valley, ivy berry, deadly nightshade, holly berry, laurel, mistletoe, wild mushroom, toadstool, hogweed, nettle, poison ivy, castor oil plant',
  }),
  thing('animal', {
    hazards: ['living-things'],
    allergens: ['animals'],
    also: 'hamster, rabbit, guinea pig, bird, chick, pet, dog, cat, mouse, frog, tadpole, goldfish, guppy, gerbil, duckling, hen, budgie, parrot, tortoise, turtle, lizard, snake, gecko, newt, toad, frogspawn, rat, pony, horse, sheep, feather',
  }),
  thing('minibeast', {
    hazards: ['living-things'],
    also: 'woodlouse, snail, worm, earthworm, insect, ant, beetle, caterpillar, spider, slug, mealworm, ladybird, butterfly, water flea, stick insect, maggot, centipede, millipede, cricket, grasshopper, locust, moth, silkworm, aphid, greenfly, fruit fly, earwig, leech, flatworm, brine shrimp, hermit crab, dragonfly, wormery, ant farm',
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

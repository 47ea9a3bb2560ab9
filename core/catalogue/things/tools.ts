// One list: what every tool and material is called, and what it brings.
import { charge, thing } from '../thing'

/** Tools, machines, lamps, magnets and all that is hard. */
export const toolThings = [
  thing('ruler', {
    sizedBy: ['length'],
    also: 'wooden ruler, plastic ruler, steel ruler',
    instead: ['metre stick', 'tape measure'],
  }),
  thing('metre stick', {
    also: 'meter stick, metre rule, metre ruler, yardstick, measuring stick',
    instead: ['tape measure'],
  }),
  thing('tape measure', {
    sizedBy: ['length'],
    also: 'measuring tape, measuring wheel, trundle wheel, surveyor’s tape',
    instead: ['metre stick'],
  }),
  thing('stopwatch', { also: 'watch, stop watch, stop-watch', instead: ['kitchen timer'] }),
  thing('kitchen timer', {
    also: 'timer, clock, sand timer, egg timer, egg-timer, metronome, sand clock, hourglass',
  }),
  thing('balance', {
    also: 'pan balance, digital scale, scale, digital balance, bucket balance, bathroom scale, weighing scale',
    instead: ['kitchen scale'],
  }),
  thing('kitchen scale', { instead: ['balance'] }),
  thing('thermometer', {
    also: 'digital thermometer, spirit thermometer, temperature sensor, data logger, datalogger, infrared thermometer',
    spare: 10,
  }),
  thing('glass thermometer', { hazards: ['glass'] }),
  thing('mercury thermometer', { hazards: ['strong-chemicals', 'glass'] }),
  thing('force meter', {
    also: 'newton meter, newtonmeter, spring balance, spring scale, forcemeter',
  }),
  thing('measuring cylinder', {
    sizedBy: ['volume'],
    also: 'cylinder, graduated cylinder, measuring cup',
    instead: ['jug'],
  }),
  thing('light meter', {
    also: 'solar cell, solar panel, multimeter, voltmeter, ammeter, switch, light sensor, sound meter, sound sensor, microphone, decibel meter, tablet computer, camera, laptop, phone, computer',
  }),
  thing('magnifying glass', {
    also: 'magnifier, hand lens, loupe, microscope, lens, burning glass',
  }),
  thing('calculator', {}),
  thing('protractor', { also: 'set square, spirit level, template, stencil, compass rose' }),
  thing('pair of compasses', { hazards: ['sharp-points'] }),
  thing('compass', { also: 'magnetic compass' }),
  thing('scissors', {
    hazards: ['scissors'],
    also: 'pair of scissors, shears, hole punch, paper cutter',
  }),
  thing('craft knife', {
    hazards: ['blades'],
    keeper: 'teacher',
    also: 'knife, scalpel, saw blade, saw, hacksaw, peeler, grater, cutter, box cutter, guillotine, razor blade, junior hacksaw, chisel, axe, secateurs, bread knife, penknife, potato peeler',
  }),
  thing('table knife', { also: 'butter knife, plastic knife, blunt knife' }),
  thing('hammer', { hazards: ['hammer-and-chips'], keeper: 'teacher', also: 'mallet, hammering' }),
  thing('drill', {
    hazards: ['blades', 'mains'],
    keeper: 'teacher',
    also: 'electric drill, power tool, sander, hand drill, bradawl',
  }),
  thing('screwdriver', { also: 'spanner, pliers, tweezers, tongs, spirit tongs' }),
  thing('nail', {
    hazards: ['sharp-points', 'small-parts'],
    sizedBy: ['length'],
    also: 'iron nail, steel nail, screw, galvanised nail, copper nail',
    spare: 10,
  }),
  thing('pin', {
    hazards: ['sharp-points', 'small-parts'],
    also: 'drawing pin, needle, sewing needle, map pin, safety pin, thumb tack, tack, push pin, staple, cocktail stick, toothpick, skewer, wooden skewer, kebab stick, bamboo skewer, fish hook, darning needle, knitting needle, awl, dart, tooth pick',
    spare: 10,
  }),
  thing('wire', {
    hazards: ['sharp-edges'],
    also: 'copper wire, steel wire, wire mesh, chicken wire, pipe cleaner, paper fastener, split pin, metal strip, florist wire, steel wool, wire wool',
  }),
  thing('tin can', {
    hazards: ['sharp-edges'],
    also: 'tin, cans, drinks can, food tin, metal can, metal sheet, sheet metal, tin lid, aluminium can, soup can, metal tin',
  }),
  thing('foil', {
    unit: 'cm',
    use: 'used-up',
    also: 'aluminium foil, kitchen foil, tin foil, tinfoil, aluminum foil, silver foil, metal foil, space blanket, foil blanket',
  }),
  thing('lamp', {
    also: 'desk lamp, table lamp, bulb, light bulb, halogen lamp, spotlight, heat lamp, projector, overhead projector, incandescent bulb, reading lamp, mains lamp, lava lamp, slide projector',
    hazards: ['hot-lamp', 'mains', 'bright-light'],
    instead: ['battery lamp', 'torch'],
  }),
  thing('battery lamp', {
    also: 'led lamp, battery light, camping lamp, head torch, led, fairy lights, bicycle lamp',
    hazards: ['bright-light', 'batteries'],
    ahead: charge,
    instead: ['torch'],
  }),
  thing('torch', {
    also: 'flashlight, pocket torch, torch bulb, hand torch',
    hazards: ['bright-light', 'batteries'],
    ahead: charge,
    instead: ['battery lamp'],
  }),
  thing('laser', { hazards: ['laser'], also: 'laser pointer, laser pen, laser light' }),
  thing('ultraviolet lamp', {
    hazards: ['laser'],
    also: 'uv lamp, uv light, uv torch, black light, sun lamp, sunlamp',
  }),
  thing('battery', {
    also: 'battery holder, cell holder, aa cell, aaa cell, aaa battery, dry cell, c cell, d cell, number of cells, bulb holder, lamp holder, connecting wire, circuit wire, circuit, battery pack, electric motor, motor, buzzer, crocodile clip, power bank, aa battery',
    hazards: ['batteries'],
  }),
  thing('button cell', {
    also: 'button battery, coin cell, coin battery, watch battery, musical card, led tea light, led candle',
    hazards: ['button-cells'],
    keeper: 'teacher',
  }),
  thing('mains lead', {
    also: 'extension lead, extension cable, plug socket, mains, mains electricity, power supply, power socket, electric fence, plug in, plugged in, wall socket',
    hazards: ['mains'],
  }),
  thing('fan', {
    also: 'electric fan, desk fan, vacuum cleaner, electric toothbrush',
    hazards: ['mains'],
  }),
  thing('hairdryer', {
    also: 'hair dryer, hair drier, hairdrier, clothes iron, hot iron, electric heater, toaster, soldering iron, hot plate, hotplate, heat gun, sandwich maker, ironing, hair straightener',
    hazards: ['heating', 'mains'],
    keeper: 'teacher',
  }),
  thing('radiator', { also: 'heater', hazards: [], room: true }),
  thing('oven', {
    also: 'hob, microwave, cooker, stove, bake, baking, fry, frying pan, saucepan, camping stove, gas stove, pressure cooker, grill, barbecue, slow cooker',
    hazards: ['cooking', 'heating'],
    keeper: 'teacher',
  }),
  thing('candle', {
    also: 'tea light, tealight, night light, nightlight, matchstick, cigarette lighter, gas lighter, flame, fire, gas burner, burner, spirit burner, bunsen burner, campfire, bonfire, burning, lit candle, naked flame, incense, incense stick, burn, splint, blowtorch, candle flame, matches, box of matches, light a match, strike a match, lit match',
    hazards: ['flames'],
    keeper: 'teacher',
  }),
  thing('candle wax', { also: 'wax, wax crayon, beeswax, block of wax, wax block' }),
  thing('melted wax', {
    also: 'hot wax, molten wax, melting wax, melt wax, melt the wax',
    hazards: ['heating'],
  }),
  thing('firework', {
    hazards: ['fireworks'],
    also: 'sparkler, gunpowder, rocket fuel, explosive, cap gun, banger, gas canister, gas cylinder, hydrogen gas, smoke bomb, magnesium, sodium, potassium permanganate, thermite, party popper',
  }),
  thing('magnet', {
    also: 'bar magnet, fridge magnet, ring magnet, horseshoe magnet, electromagnet, wand magnet, button magnet',
    hazards: ['magnets'],
  }),
  thing('strong magnet', {
    also: 'neodymium magnet, neodymium, rare earth magnet, magnetic ball, magnet ball, ball magnet, magnetic bead, magnetic putty, disc magnet, strong small magnet, small strong magnet, super magnet, supermagnet, magnetic sphere, magnetic cube',
    hazards: ['strong-magnets', 'magnets'],
  }),
  thing('water bead', {
    also: 'gel bead, water pearl, hydrogel bead, hydrogel, water crystal, growing bead, jelly bead, super-absorbent powder, superabsorbent powder, super absorbent powder, super-absorbent, superabsorbent, super absorbent, absorbent polymer, nappy powder, nappy gel, nappy, diaper, nappy crystal, instant snow, fake snow powder',
    hazards: ['swelling'],
    use: 'used-up',
  }),
  thing('washer', {
    also: 'nut and bolt, bolt, metal ring, metal nut, ring of metal',
    hazards: ['small-parts'],
    spare: 10,
  }),
  thing('coin', {
    also: 'penny, counter, token, sewing button, shirt button, coat button, button and bead, bead and button, small button',
    named: 'buttons, button',
    hazards: ['small-parts'],
    spare: 10,
    instead: ['washer'],
  }),
  thing('bead', {
    also: 'small bead, plastic bead, ball bearing, lead shot, sequin, googly eye, push pin bead, small pebble, popcorn kernel, plastic cube, small stone bead, pom pom eye, polystyrene bead, glass pebble',
    hazards: ['small-parts', 'rolling'],
    spare: 20,
  }),
  thing('marble', {
    also: 'glass marble, steel ball, glass bead, metal ball',
    hazards: ['small-parts', 'rolling'],
    spare: 20,
  }),
  thing('rolling pin', { hazards: ['rolling'] }),
  thing('press button', {
    also: 'push button, stop button, start button, on button, off button, reset button, power button, switch button',
  }),
  thing('skittle', { also: 'bowling pin' }),
  thing('ball', {
    also: 'bouncy ball, rubber ball, tennis ball, table tennis ball, football, golf ball, sponge ball, foam ball, basketball, soft ball, super ball, cricket ball, hockey ball, ping-pong ball, netball, beach ball',
    hazards: ['rolling'],
    spare: 20,
  }),
  thing('weight', {
    also: 'number of masses, slotted mass, slotted weight, hanging weight, hanging mass, mass hanger, gram weight, kilogram weight, brick, dumbbell, iron weight, heavy stone, concrete block, paving slab, heavy book',
    named: 'masses, mass',
    sizedBy: ['mass'],
    hazards: ['falling-loads'],
  }),
  thing('rock', {
    also: 'granite, limestone, slate, sandstone, pumice, flint, mineral, quartz, rock sample, fossil, basalt, gypsum',
    hazards: ['hammer-and-chips'],
  }),
  thing('stone', { also: 'smooth stone, flat stone, cobble' }),
  thing('tile', {
    also: 'ceramic tile, roof tile, floor tile, carpet tile, vinyl tile, streak plate, unglazed tile',
  }),
  thing('wood', {
    also: 'wooden block, wooden board, plank, board, wood block, block of wood, lolly stick, lollipop stick, stick, ice lolly stick, craft stick, dowel, balsa, balsa wood, broom, broomstick, wooden stick, bamboo, cork, chopping board, cork board, broom handle, plywood, building block, building brick',
  }),
  thing('saw dust', { also: 'sawdust, wood shavings, shavings', hazards: ['dust'] }),
  thing('elastic band', {
    also: 'rubber band, elastic, elastic thread, elastic cord, catapult, slingshot, stretchy band, lacky band, lackey band, laggy band, lacker band, loom band, bow and arrow, sling, hair band, hair bobble, steel spring, exercise band, pair of tights, tights, bungee, metal spring',
    hazards: ['stretched-elastic'],
    spare: 20,
  }),
  thing('balloon', {
    also: 'rubber balloon, water balloon',
    use: 'used-up',
    hazards: ['latex', 'small-parts'],
    allergens: ['latex'],
    spare: 20,
  }),
  thing('latex glove', { also: 'rubber glove', use: 'used-up', hazards: ['latex'], allergens: ['latex'] }),
  thing('gloves', {
    also: 'goggles, safety goggles, safety glasses, apron, eye protection, oven glove, mitten, spectacles, reading glasses, sunglasses, sun glasses, pair of glasses, overall',
  }),
  thing('pump', {
    also: 'bicycle pump, balloon pump, foot pump, air pump, compressed air',
    hazards: ['pressure'],
  }),
  thing('rocket', {
    also: 'straw rocket, water rocket, paper plane, paper dart, paper aeroplane, glider, flying disc, throw, javelin, shot put, launcher, ping-pong gun, boomerang, toy bow, throwing',
    hazards: ['flying-things'],
  }),
  thing('drum', {
    also: 'whistle, cymbal, alarm, alarm clock, loudspeaker, speaker, trumpet, siren, tuning fork, gong, saucepan lid, air horn, bursting bag, shaker, headphones, earphones',
    hazards: ['loud-sounds'],
  }),
  thing('wool', {
    also: 'woollen sock, sock, woollen cloth, woollen hat, scarf, felt, felt slipper, ball of wool, fleece, woollen glove, knitted wool, wool jacket, woolly hat, woollen scarf, jacket of wool',
    allergens: ['wool'],
    instead: [],
  }),
  thing('bubble wrap', {
    unit: 'cm',
    use: 'used-up',
    also: 'air-cushion wrap, packing foam, foam, polystyrene, polystyrene cup, foam sheet, bubblewrap, packing chip',
  }),
  thing('cotton wool', {
    unit: 'pads',
    use: 'used-up',
    spare: 10,
    also: 'pom-pom, cotton pad, cotton bud, cotton wool ball, gauze, bandage, cotton ball, wadding',
  }),
  thing('fabric', {
    also: 'cotton, cotton cloth, denim, silk, linen, nylon, polyester, velvet, leather, lycra, cotton sheet, fabric square, piece of fabric, hessian, t-shirt, shirt, curtain, cotton sock, lace, waterproof cloth, raincoat, umbrella, tent, mesh, canvas',
  }),
  thing('shoe', {
    also: 'trainer, slipper, boot, sole, rubber sole, smooth plastic, flat rubber, ridged rubber, sandal, welly, wellington boot, gym shoe, plimsoll, football boot, sports shoe, rubber mat, rubber sheet',
  }),
  thing('mat', {
    also: 'carpet, lino, linoleum, rug, gym mat, carpet piece, vinyl, artificial grass, cushion, pillow',
  }),
  thing('plastic', {
    also: 'plastic lid, plastic block, acetate, transparent film, clear plastic, laminated sheet, plastic folder, acrylic sheet, hoop, cone, bottle top, bottle cap, nylon thread, fishing line, tube, plastic tube, hose, rubber tube, pipe, plastic pipe, plastic brick',
  }),
  thing('metal', {
    also: 'iron bar, steel bar, copper bar, metal rod, metal block, iron, steel, copper, aluminium, brass, metal key, key, bicycle chain, chain, metal disc, retort stand, clamp, clamp stand',
  }),
  thing('iron filings', {
    use: 'reused',
    hazards: ['dust', 'magnets'],
    also: 'iron powder',
  }),
  thing('rusty nail', {
    hazards: ['rust', 'sharp-points'],
    also: 'rusty, rusted, rust, rusty metal, rusty iron, rusted clip',
  }),
  thing('table', {
    room: true,
    also: 'desk, chair, floor, wall, window, window sill, windowsill, door, classroom, hall, whiteboard, blackboard, pin board, pinboard, noticeboard, notice board, shelf, cupboard, room, corridor, bench, sunny window sill, board on the wall, ceiling, back of the room, toilet door, bookshelf',
  }),
  thing('ladder', {
    hazards: ['climbing'],
    also: 'stepladder, step ladder, stairs, staircase, stairwell, balcony, climbing frame, wall bars, upstairs window, climb, climbing, stand on a chair, on top of the table, stand on a table, roof, tree house, bridge over, scaffolding, first-floor window, bunk bed, vaulting horse, second floor, first floor, top floor',
  }),
  thing('trolley', { also: 'cart, wheel, toy car, model car, toy vehicle, roller', hazards: [] }),
  thing('scooter', {
    also: 'bicycle, bike, skateboard, roller skates, sledge, go-kart, tricycle',
    hazards: ['running', 'outdoors'],
  }),
  thing('slide surface', { also: 'ramp, slope, gutter, track, inclined board' }),
  thing('toy boat', {
    also: 'boat, raft, model boat, clay boat, foil boat, toy, toy animal, doll, teddy, puppet, parachute, toy parachute, canopy, spinner, paper helicopter, windmill, paper spinner, domino, spinning top, yo-yo, dice, pendulum, marionette, building figure, plastic figure',
  }),
]

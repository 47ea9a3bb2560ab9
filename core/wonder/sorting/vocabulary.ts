/** Returns an expression that finds any of some words or phrases as a whole, in any case. */
export const anyOf = (...words: string[]): RegExp => new RegExp(`\\b(?:${words.join('|')})\\b`, 'i')

/** What a class cannot have on its tables, whatever is asked about it. */
export const outOfReach = anyOf(
  'moons?',
  'planets?',
  'stars?(?! jumps?)',
  'space',
  'universe',
  'galax(?:y|ies)',
  'comets?',
  'mars|venus|jupiter|saturn|mercury|neptune|pluto',
  '(?:the|our) (?:sun|earth|sea|ocean|sky|world)',
  'in the world',
  'dinosaurs?|t[- ]?rex|mammoths?',
  'volcano(?:e)?s?|earthquakes?|mountains?|mount \\w+|oceans?|rivers?|deserts?|continents?|countr(?:y|ies)|capital',
  'clouds?|lightning|thunder|rainbows?|tornado(?:e)?s?|hurricanes?|weather|seasons?',
  'elephants?|whales?|sharks?|lions?|tigers?|bears?|monkeys?|giraffes?|penguins?|snakes?|crocodiles?|cheetahs?|kangaroos?|bats|eagles?|owls?|camels?|dolphins?|wolves|foxes|cows?|horses?|pigs?|sheep',
  'birds?|fish(?:es)?|animals?|mammals?|reptiles?|insects?|spiders?|bees?|butterfl(?:y|ies)|cats?|dogs?|hamsters?|rabbits?|people|humans?|scientists?',
  'trees?(?! diagram)',
  'bones?|brain|blood|lungs?|stomach|skeleton|muscles?|skin|teeth',
  'planes?(?<!paper planes?)|aeroplanes?|rockets?(?<!(?:straw|water|balloon) rockets?)|ships?|trains?|fridges?|computers?|engines?|robots?|televisions?|phones?',
  '(?:speed of )?light(?= go| travel| year)',
  'gravity|electricity|atoms?|molecules?|evolution|gas(?:es)?',
)

/** Small creatures and plants that a class can watch and look after. */
export const livesHere = anyOf(
  'woodl(?:ouse|ice)',
  'snails?',
  '(?:earth)?worms?',
  'ants?',
  'beans?',
  'peas?',
  'cress',
  'seeds?',
  'sprouts?',
  'seedlings?',
  'plants?',
  'flowers?',
  'leaves|leaf',
  'yeast',
  'onions?',
)

/** What can be seen or measured to differ: things that happen, as verbs. */
export const happens = anyOf(
  'bounc\\w*',
  'roll(?:s|ed|ing)?',
  'soak\\w*|absorb\\w*|mop\\w*',
  'melt\\w*|freez\\w*|thaw\\w*',
  'float\\w*|sink\\w*|sank|sunk',
  'fall(?:s|ing)?|fell|drop(?:s|ped|ping)?|land(?:s|ed|ing)?',
  'fl(?:y|ies|ying)|glid\\w*|spin(?:s|ning)?',
  'grow(?:s|n|ing)?|grew|sprout(?:s|ed|ing)?|germinat\\w*|com(?:e|es) up',
  'dissolv\\w*|disappear\\w*|mix(?:es|ed|ing)?|separat\\w*|filter\\w*',
  'dr(?:y|ies|ied|ying)|evaporat\\w*|leak\\w*|spill\\w*|drip\\w*',
  'stretch\\w*|bend\\w*|snap\\w*|break\\w*|tear\\w*|crack\\w*|crumbl\\w*|scratch\\w*|hold(?:s|ing)?|carr(?:y|ies)|lift\\w*|support\\w*',
  'slid\\w*|slip\\w*|grip\\w*|stick(?:s|ing)?|stop(?:s|ped|ping)?|mov(?:e|es|ed|ing)|go(?:es)?|travel\\w*|race|climb(?:s|ed|ing)?|ris(?:e|es|ing)|swing\\w*|pull\\w*|push\\w*',
  'rust\\w*|fizz\\w*|bubbl(?:e|es|ing)|burst\\w*|last(?:s|ed|ing)?|pop(?:s|ped|ping)?',
  'cool\\w*|warm(?:s|ed|ing)?|heat(?:s|ed|ing)? up|keep(?:s|ing)?|stay(?:s|ing)?|lose|loses',
  'work(?:s|ed|ing)?|weigh(?:s|ed|ing)?|shin\\w*|reflect\\w*|beat(?:s|ing)?|hear|sound(?:s)?|scratch\\w*|pick(?:s)? up|attract\\w*|pass(?:es)?|fill(?:s)?|get(?:s)?|chang(?:e|es|ed|ing)|balanc(?:e|es)|smell(?:s)?|clean(?:s)?|c(?:a|o)me(?:s)?(?: up)? (?:up|first|last)|spread(?:s)?|reach(?:es)?|turn(?:s|ed)?',
)

/** How things differ, in words that compare. */
export const compares = anyOf(
  '(?:high|low|fast|slow|quick|long|short|far|furth|farth|warm|hott|cold|cool|heavi|light|bigg|larg|small|strong|weak|hard|soft|loud|quiet|bright|dark|wett|dri|thick|thin|rough|smooth|tall|deep|wid|stretchi|bounci|bubbli|grippi|slippi|slipperi|sweet|salti|steep|clean|tough|stiff|sooner|near|clos|tight|loos|full|empti|round|flat|straight|stead|stick|spongi|fluffi|squash|squishi|bendi|absorb)(?:er|est|ier|iest)?(?<=er|est)',
  'more|most|less|least|better|best|worse|worst|further|furthest|farthest|sooner',
)

/** Words for how things are that a class can try for itself. */
export const properties = anyOf(
  'magnetic',
  'waterproof',
  'see-through|transparent|translucent|opaque',
  'stretchy|bendy|springy|bouncy|absorbent|slippery|sticky|strong|brittle|soluble',
  '(?:the )?same|as (?:high|far|fast|heavy|warm|cold|long|strong|much|many|loud|good) as',
)

/** What is changed on purpose. */
export const changes = anyOf(
  '(?:if|when) (?:we|you|i|it|they|there is|there are|the|a)',
  'without|instead of',
  'matters?|(?:make|makes|made) (?:a|any|much) difference|difference (?:does|do|would|will)',
  'changes?|affects?|helps?|depends?',
  '(?:in|on|under|through|with|by|inside|outside) (?:the )?(?:dark|light|shade|sun|cold|warm\\w*|hot|salt\\w*|water|oil|vinegar|carpet|tile|wood|sand|ice|fridge|cupboard|window|ridges)',
  'colour|size|shape|height|width|length|thickness|amount|number|kind|type|material|surface|angle|temperature|weight|speed|distance|layers?|side|end|place|lid',
  'another|different|two|three|ten|twice|double|half|extra|bigger|smaller|longer|shorter|thicker|thinner|wider|warmer|colder|heavier|lighter|wet|dry|folded|flat|round',
)

/** Doings with which a class changes something. */
export const doings = anyOf(
  '(?:we|you|i) (?:drop|add|use|used|put|change|changed|heat|cool|turn|cut|fold|stretch|mix|shake|stir|leave|cover|wet|move|push|pull|press|roll|squash|squeeze|crush|hang|wrap|tie|take|took|had|tilt|bend|pour|throw|blow|plant|water|swap|wait|jump|run|rub|break|build|make|made|try|tried)\\w*',
  'adding|using|putting|changing|heating|cooling|turning|cutting|folding|stretching|mixing|shaking|stirring|leaving|covering|wetting|moving|pushing|pulling|pressing|rolling|squashing|squeezing|hanging|wrapping|tying|tilting|bending|pouring|watering|jumping|running|rubbing|breaking|hopping|salting|upside down',
)

/** Things of a lesson beside those that the catalogue knows. */
export const lessonThings = anyOf(
  'shadows?|bridges?|bubbles?|jackets?|soles?|cars?|wheels?|ramps?|slopes?|parachutes?|kites?|spinners?|paper planes?|boats?|ink|colours?|stuff|materials?|things?|surface|floor|wall|lid|cup|bottle|pulse|heart(?: ?beats?)?|heart rate|breath|feet|foot|ridges?|layers?|stripe?s?|drops?|ears?|sounds?|echo|music|mixture|liquids?|metals?|solids?|bread|cloth|one|ones|it|they|this|these|each|ours?|bounce|height|run-up|way of \\w+|hair|coins?|marbles?',
)

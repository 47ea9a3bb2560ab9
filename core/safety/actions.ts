import type { HazardId } from '../catalogue'

/** Doings, in a step or a card, that bring a hazard whatever the things are. */
export const actions: readonly { pattern: RegExp; hazard: HazardId }[] = [
  {
    pattern: /\b(?:boil\w*|simmer\w*|kettle|steam\w*|scald\w*|urn)\b|\bas hot as (?:it|the tap)\b/i,
    hazard: 'hot-water',
  },
  {
    pattern:
      /\b(?:set (?:it |them )?(?:on fire|alight)|burn(?:s|ing|t)?|catch(?:es|ing)? (?:fire|light)|(?:strike|striking) (?:a|the) match|light (?:a|the|it|one|each)\b(?! (?:lamp|torch|bulb|box|touch|blue|green|one|side|part|card|sensor|meter|gate))|ignit\w+|flam(?:e|es|ing))\b/i,
    hazard: 'flames',
  },
  {
    pattern:
      /\b(?:iron|press)(?:s|ing)? (?:it|them|the cloth)\b.*\bhot\b|\b(?:melt\w* .*(?:wax|plastic|sugar|chocolate|iron)|(?:wax|plastic|sugar|chocolate|crayon|butter|glue)s?\b.*\bmelt\w*|hot ?plate|(?:with|under|using) (?:a|an|the) (?:hot )?iron|iron (?:the|it|them|each|over)|solder\w*|hair ?dr(?:y|i)ers?|heat guns?|toasters?|hob|(?:frying )?pan of|on the (?:radiator|stove|heater))\b/i,
    hazard: 'heating',
  },
  {
    pattern:
      /\b(?:bak(?:e|es|ing)|fry|frying|cook(?:s|ed|ing)?|roast\w*|microwav\w+)\b(?! soda| powder| tray| paper| ·| foil| oil| pot| salt| apple| time)/i,
    hazard: 'cooking',
  },
  {
    pattern:
      /\bstretch(?:es|ed|ing)?\b.*\b(?:band|elastic|spring|tights|rubber|cord)\b|\b(?:band|elastic|spring|tights)s?\b.*\bstretch\w*|\b(?:twang|ping)\w*\b|\b(?:pull|draw)\w* (?:the |your |each )?(?:rubber |elastic |hair )?bands?\b|\belastic\b.*\b(?:until|pull\w*|wind\w*|twice)\b|\b(?:pull\w*|wind\w*)\b.*\belastic\b/i,
    hazard: 'stretched-elastic',
  },
  {
    pattern:
      /\b(?:stand|standing|stands|climb\w*|gets?|getting|step|steps|stepping|reach(?:es|ing)?) (?:up )?(?:on(?:to)?|up|from) (?:a |the |your |their )?(?:chairs?|tables?(?! of results)|desks?|stools?|bench(?:es)?|ladders?|(?:step)?ladders?|steps|window ?sill)\b|\bclimb(?:s|ing)? (?:up )?(?:the |a |onto |on )?(?:steps|stairs|ladder|frame|bars|wall|fence|tree|rope)\b|\blean(?:s|ing)? (?:over|out of)\b|\bbanisters?\b|\b(?:drop\w*|throw\w*|fall\w*|let (?:it |them )?go|lower\w*|releas\w*)\b.*\bfrom (?:a |an |the )?(?:balcony|(?:\w+ )?window|roof|stairs|staircase|first floor|top of the (?:stairs|wall bars|climbing frame))\b/i,
    hazard: 'climbing',
  },
  {
    pattern:
      /(?<!\b(?:water|ink|paint|liquid|oil|syrup|honey|milk|drops?|cars?|balls?|marbles?|trains?|trolley|toys?|it)\s)\b(?:run|runs|running|sprint\w*|race (?:across|to|each other|along|around|round|down|back)|chase\w*|jog(?:s|ging)?)\b(?! (?:water|out|dry|the tap|the test|under|through))/i,
    hazard: 'running',
  },
  {
    pattern:
      /\b(?:blindfold\w*|eyes (?:shut|closed)|clos\w* (?:your|their|our|both) eyes|balanc\w+ (?:on|along|across|over) (?:one|a|the|your) (?:leg|foot|bench|beam|rope|line|log|plank|kerb|wall)|stand\w* on one (?:leg|foot)|spin round|slide down|swing on)\b/i,
    hazard: 'balancing',
  },
  { pattern: /\bsand(?:s|ed|ing)? (?:it|them|the|down|each|off)\b/i, hazard: 'dust' },
  {
    pattern:
      /\b(?:star jumps?|jump(?:s|ing)?|skip(?:s|ping)?|hop(?:s|ping)?|exercis\w+|(?:\w+ )?squats?|lunges?|burpees?|shuttle runs?|jog(?:s|ging)?|laps|danc(?:e|es|ing)|march(?:es|ing)? on the spot|breathing rate|breathless|pant(?:s|ing)?|warm-ups?|step-ups?|steps? (?:up and down|on and off)|sit-ups?|press-ups?|run on the spot|out of breath|hold (?:your|their|our) breath|run (?:three|two|four|five|\d+) (?:times|laps)|pulse|heart ?beats?|beats (?:in|a|per) (?:\d+ ?s\b|(?:a )?minute)|heart rate|sprint\w*|feel your heart|beating heart|as fast as you can run)\b/i,
    hazard: 'exertion',
  },
  {
    pattern:
      /\b(?:throw(?:s|ing)?|launch\w*|fir(?:e|es|ing) (?:it|the|a)\b|shoot\w*|fling\w*|catapult\w*|flick(?:s|ing)?|(?:distance|far|height)\b.*\bfl(?:y|ies)|balloons? (?:\w+ )?(?:fly|flies|whizz\w*|shoots?)|take(?:s)? off|toss\w*|hurl\w*)\b/i,
    hazard: 'flying-things',
  },
  {
    pattern:
      /\b(?:hammer\w*|smash\w*|chip(?:s|ping)? (?:off|away|at)|crush\w* (?:the )?(?:rocks?|stones?)|knock\w* .*together|(?:crack|break|split)(?:s|ing)? (?:open )?(?:the |a |each |off )?(?:rocks?|stones?|nuts?|shells?|slates?|flints?)|(?:crack|break|split) (?:it|them) (?:open|with))\b/i,
    hazard: 'hammer-and-chips',
  },
  {
    pattern:
      /\b(?:saw(?:s|ing)? (?:off|it|the|through)|slic(?:e|es|ing)\b(?! of\b)|grat(?:e|es|ing)|peel(?:s|ing)?\b(?! (?:off|back|away)\b)|chop(?:s|ping)?|cut\w* (?:up |open )?(?:it |them |the |an? )?(?:apples?|potato(?:es)?|carrots?|onions?|wood|foam|polystyrene|fruit|vegetables?|bread)|with a (?:sharp )?knife)\b/i,
    hazard: 'blades',
  },
  {
    pattern:
      /\b(?:cut(?:s|ting)?|snip\w*|trim\w*) (?:out|off|a |the |it |them |each |strips|pieces|into|along|across|to the line|round|two|three|four|small)/i,
    hazard: 'scissors',
  },
  {
    pattern: /\b(?:prick\w*|pierc\w*|poke (?:a )?holes?|make (?:a )?(?:small )?holes?|punch a hole)\b/i,
    hazard: 'sharp-points',
  },
  {
    pattern:
      /\bhang(?:s|ing)?\b.*\b(?:weights?|mass(?:es)?|load|bag|bucket|stones?|bricks?|kg|sand)\b|\b(?:weights?|mass(?:es)?|bricks?|stones?|bucket of \w+|bags? of \w+)\b.*\bhang\w*|\b(?:load|pile|stack)(?:s|ing)? (?:the |it |them )?.*\b(?:kg|bricks?|stones?|weights?)\b|\b(?:pile|stack)(?:s|ing)? (?:the |more )?(?:books|tins|cans) (?:on|onto)\b/i,
    hazard: 'falling-loads',
  },
  {
    pattern:
      /\b(?:tast(?:e|es|ing)|eat(?:s|ing)?|sip(?:s|ping)?|nibbl\w+|chew(?:s|ing)?|bites?|biting|drink(?:s|ing)? (?:it|the|some|a|each)|lick\w*|swallow\w*)\b/i,
    hazard: 'allergens',
  },
  {
    pattern:
      /\b(?:outside|outdoors|playground|school field|sports field|garden(?! (?:soil|peas?|centre|twine|cane|gnome|wire|hose|chair|path picture))|woods?land|park|in the yard|school yard)\b/i,
    hazard: 'outdoors',
  },
  {
    pattern:
      /\b(?:(?:in|into|under|to) (?:the |full |bright |strong |hot |direct )*sun|sunlight|sunshine|sunny(?! (?:yellow|side of the))|direct sun|the sun|sun shines|sundial|sunbathe|at noon|at midday)\b(?!flower|[- ](?:group|team|table|hat|card))/i,
    hazard: 'sun',
  },
  {
    pattern:
      /\b(?:darken\w*|dark(?:ened)? room|rooms? (?:is |gets |goes )?(?:quite |very |really )?dark|in the dark|lights? (?:off|out)|blackout|close the (?:blinds|curtains))\b/i,
    hazard: 'dark-room',
  },
  {
    pattern:
      /\b(?:go(?:es|ing)? mouldy|grow\w* mould|mould\w*|rot(?:s|ting|ten)?|decay\w*|left? to rot|fur(?:ry)?|hairy|go(?:es|ne|ing)? (?:off|bad)|until something grows|spoil(?:s|ed|t)?|past its best|use-by|slim(?:e|y)|fuzz(?:y)?|fluff(?:y)? on)\b|\b(?:bread|toast|crusts?|fruit|apples?|banana|strawberr(?:y|ies)|grapes?|tomato(?:es)?|cheese|cake|sandwich(?:es)?|food|milk|potato(?:es)?|oranges?|lemons?|peel|leftovers)\b.*\bfor (?:a|one|two|three|four|several|\d+) (?:weeks?|fortnight|months?)\b|\bdamp bread\b|\b(?:bread|toast|crusts?|fruit|apples?|banana|strawberr(?:y|ies)|grapes?|tomato(?:es)?|cheese|cake|sandwich(?:es)?|food|milk|potato(?:es)?|oranges?|lemons?|peel|leftovers)\b.*\b(?:grow\w*|gets?|turns?|shows?|has|have|find)\b.*\b(?:spots?|patches|fluff|fuzz|green|blue|black|smell\w*)\b|\b(?:spots?|patches|fluff|fuzz)\b.*\b(?:bread|toast|crusts?|fruit|apples?|banana|strawberr(?:y|ies)|grapes?|tomato(?:es)?|cheese|cake|sandwich(?:es)?|food|milk|potato(?:es)?|oranges?|lemons?|peel|leftovers)\b|\b(?:leav\w*|left|keep\w*|kept|lie|lies|stays?|stand\w*)\b.*\b(?:bread|toast|fruit|apple|banana|strawberr(?:y|ies)|grapes?|tomato(?:es)?|cheese|cake|sandwich(?:es)?|food|milk|potato(?:es)?|orange)\b.*\b(?:[3-9]|\d\d+|three|four|five|six|seven|eight|nine|ten|fourteen|several|some|many|a few) (?:school )?days\b|\b(?:leav\w*|left|keep\w*|kept)\b.*\b(?:bread|toast|fruit|apple|banana|strawberr(?:y|ies)|grapes?|tomato(?:es)?|cheese|cake|sandwich(?:es)?|food|milk|potato(?:es)?|orange)\b.*\b(?:weeks?|fortnight|weekend)\b/i,
    hazard: 'mould',
  },
  {
    pattern:
      /\b(?:shout\w*|scream\w*|pop(?:s|ping)? (?:the|a|each|your|one) (?:\w+ )?(?:balloon|bag)s?|burst\w* .*(?:balloon|bag)s?|(?:balloon|bag)s? .*burst\w*|as loud as|bang(?:s|ing)?|loud(?:ness|er|est)? (?:sounds?|noises?|music))\b/i,
    hazard: 'loud-sounds',
  },
  {
    pattern:
      /\b(?:blow(?:s|ing)? (?:up|into|through|a bubble|bubbles|with|the straw)|suck(?:s|ing)? (?:up|through|on|in|the|it|water)|breath(?:e|es|ing) (?:into|through|out)|blows? the (?:sail|boat|ball|feather|paper)|with (?:your|their|our) mouths?)\b/i,
    hazard: 'mouth-things',
  },
  {
    pattern:
      /\b(?:screw (?:the|a) lid on|(?:canister|lid|cork|stopper|cap|top|bung)s? (?:pops?|flies|fly|shoots?|blows?)(?: (?:off|out|up))?|blow\w* (?:air )?into the (?:closed|sealed) \w+|until it pops|close the (?:bottle|lid) (?:tight|at once)|shake the (?:closed|sealed) bottle|cork the bottle|seal(?:ed)? (?:bottle|jar|container).*(?:fizz|yeast|gas|vinegar)|(?:fizz|yeast|vinegar).*(?:seal\w*|stopper\w*|cork\w*|cap on|lid on))\b/i,
    hazard: 'pressure',
  },
  {
    pattern: /\b(?:lift(?:s|ing)?|carr(?:y|ies|ying)) (?:the )?(?:heavy|bricks?|slabs?|logs?|paving)\b/i,
    hazard: 'lifting',
  },
  { pattern: /\b(?:plug(?:ged|s)? in|mains|extension lead|socket)\b/i, hazard: 'mains' },
  { pattern: /\b(?:look (?:at|into) the (?:sun|lamp|light|beam))\b/i, hazard: 'bright-light' },
  {
    pattern:
      /\b(?:dirty|unwashed) (?:fingers?|hands?)\b|\b(?:cough|sneeze|spit)(?:s|ing)? (?:on|in|into|at|over)\b|\bswab\b|\b(?:toilet|bin|drain)s?\b.*\b(?:wipe|rub|press|dab)\w*|\b(?:wipe|rub|press|dab)\w*\b.*\b(?:toilet|bin|drain)s?\b/i,
    hazard: 'germs',
  },
  {
    pattern:
      /\b(?:an|half an|one|two|three|\d+|squeez\w+ (?:the|each|an?)|peel\w* (?:the|an|each)|juice of (?:the|an)) oranges?\b(?! (?:card|paper|cloth|group|team|sticker|counter|pencil|side|line)s?)/i,
    hazard: 'allergens',
  },
  {
    pattern:
      /\b(?:oven|bathroom|kitchen|surface|cleaning|window|toilet|shower|furniture|limescale|mould|stain|carpet|floor|metal|silver|brass|shoe|glass|multi-?purpose) (?:sprays?|cleaners?|cleaning \w+|removers?|wipes?|polish)\b/i,
    hazard: 'mixed-cleaners',
  },
  {
    pattern:
      /\b(?:pick(?:s|ing)?|collect\w*|gather\w*|tear|count)\b.*\bleaves\b|\bleaves (?:of|from) (?:the |a )?(?:same|tree|plant|bush|different)\b/i,
    hazard: 'plants',
  },
  { pattern: /\b(?:hot glue|glue gun)\b/i, hazard: 'glue-gun' },
  { pattern: /\b(?:pond|stream|river|lake|seaside|beach|rock ?pool|canal)\b/i, hazard: 'open-water' },
]

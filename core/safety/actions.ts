import type { HazardId } from '../catalogue'

/** Doings, in a step or a card, that bring a hazard whatever the things are. */
export const actions: readonly { pattern: RegExp; hazard: HazardId }[] = [
  { pattern: /\b(?:boil\w*|simmer\w*|kettle|steam\w*|scald\w*)\b/i, hazard: 'hot-water' },
  {
    pattern:
      /\b(?:set (?:it |them )?(?:on fire|alight)|burn(?:s|ing|t)?|light (?:a|the|it|one|each)\b(?! (?:lamp|torch|bulb))|ignit\w+|flam(?:e|es|ing))\b/i,
    hazard: 'flames',
  },
  {
    pattern:
      /\b(?:iron|press)(?:s|ing)? (?:it|them|the cloth)\b.*\bhot\b|\b(?:melt\w* .*(?:wax|plastic|sugar|chocolate)|hot ?plate|iron (?:the|it|them|each|over)|solder\w*)\b/i,
    hazard: 'heating',
  },
  {
    pattern:
      /\b(?:bak(?:e|es|ing)|fry|frying|cook(?:s|ed|ing)?|roast\w*|microwav\w+)\b(?! soda| powder| tray| paper)/i,
    hazard: 'cooking',
  },
  {
    pattern:
      /\bstretch(?:es|ed|ing)?\b.*\b(?:band|elastic|spring|tights|rubber|cord)\b|\b(?:band|elastic|spring|tights)s?\b.*\bstretch\w*/i,
    hazard: 'stretched-elastic',
  },
  {
    pattern:
      /\b(?:stand|standing|stands|climb\w*|get|step) (?:up )?(?:on(?:to)?|up) (?:a |the |your |their )?(?:chairs?|tables?|desks?|stools?|bench(?:es)?|ladders?)\b|\b(?:drop\w*|throw\w*|fall\w*|let (?:it |them )?go|lower\w*|releas\w*)\b.*\bfrom (?:a |an |the )?(?:balcony|(?:\w+ )?window|roof|stairs|staircase|first floor|top of the (?:stairs|wall bars|climbing frame))\b/i,
    hazard: 'climbing',
  },
  {
    pattern:
      /(?<!\b(?:water|ink|paint|liquid|oil|syrup|honey|milk|drops?|cars?|balls?|marbles?|trains?|trolley|toys?|it)\s)\b(?:run|runs|running|sprint\w*|race across|chase\w*)\b(?! (?:water|out|dry|the tap|the test|under|through))/i,
    hazard: 'running',
  },
  {
    pattern:
      /\b(?:blindfold\w*|eyes (?:shut|closed)|clos\w* (?:your|their|our|both) eyes|balanc\w+ on (?:one|a|the|your) (?:leg|foot|bench|beam|rope|line|log)|stand\w* on one (?:leg|foot)|spin round|slide down|swing on)\b/i,
    hazard: 'balancing',
  },
  { pattern: /\bsand(?:s|ed|ing)? (?:it|them|the|down|each|off)\b/i, hazard: 'dust' },
  {
    pattern:
      /\b(?:star jumps?|jump(?:s|ing)?|skip(?:s|ping)?|hop(?:s|ping)?|exercis\w+|step-ups?|sit-ups?|press-ups?|run on the spot|out of breath|hold (?:your|their|our) breath|pulse|heart ?beats?|heart rate)\b/i,
    hazard: 'exertion',
  },
  {
    pattern:
      /\b(?:throw(?:s|ing)?|launch\w*|fir(?:e|es|ing) (?:it|the|a)\b|shoot\w*|fling\w*|catapult\w*|flick(?:s|ing)?|(?:distance|far|height)\b.*\bfl(?:y|ies))\b/i,
    hazard: 'flying-things',
  },
  {
    pattern:
      /\b(?:hammer\w*|smash\w*|chip(?:s|ping)? (?:off|away|at)|crush\w* (?:the )?(?:rocks?|stones?)|knock\w* (?:it|them|the rocks?) together)\b/i,
    hazard: 'hammer-and-chips',
  },
  {
    pattern:
      /\b(?:saw(?:s|ing)? (?:off|it|the|through)|slic(?:e|es|ing)\b(?! of\b)|grat(?:e|es|ing)|peel(?:s|ing)?\b(?! (?:off|back|away)\b)|chop(?:s|ping)?|cut\w* (?:up |open )?(?:it |them |the |an? )?(?:apples?|potato(?:es)?|carrots?|onions?|wood|foam|polystyrene|fruit|vegetables?|bread)|with a (?:sharp )?knife)\b/i,
    hazard: 'blades',
  },
  {
    pattern:
      /\b(?:cut(?:s|ting)?|snip\w*|trim\w*) (?:out|off|a |the |it |them |each |strips|pieces|into|along|round|two|three|four|small)/i,
    hazard: 'scissors',
  },
  {
    pattern: /\b(?:prick\w*|pierc\w*|poke (?:a )?holes?|make (?:a )?(?:small )?holes?|punch a hole)\b/i,
    hazard: 'sharp-points',
  },
  {
    pattern:
      /\bhang(?:s|ing)?\b.*\b(?:weights?|mass(?:es)?|load|bag|bucket|stones?|bricks?|kg|sand)\b|\b(?:weights?|mass(?:es)?|bricks?|bucket of \w+)\b.*\bhang\w*/i,
    hazard: 'falling-loads',
  },
  {
    pattern:
      /\b(?:tast(?:e|es|ing)|eat(?:s|ing)?|drink(?:s|ing)? (?:it|the|some|a|each)|lick\w*|swallow\w*)\b/i,
    hazard: 'allergens',
  },
  {
    pattern:
      /\b(?:outside|outdoors|playground|school field|sports field|garden(?! (?:soil|peas?|centre|twine|cane))|woods?land|park|in the yard|school yard)\b/i,
    hazard: 'outdoors',
  },
  {
    pattern:
      /\b(?:in the sun|sunlight|sunshine|sunny|direct sun|the sun|sundial|sunbathe|at noon|at midday)\b(?!flower)/i,
    hazard: 'sun',
  },
  {
    pattern:
      /\b(?:darken\w*|dark(?:ened)? room|lights? (?:off|out)|blackout|close the (?:blinds|curtains))\b/i,
    hazard: 'dark-room',
  },
  {
    pattern: /\b(?:go(?:es|ing)? mouldy|grow\w* mould|mould\w*|rot(?:s|ting|ten)?|decay\w*|left? to rot)\b/i,
    hazard: 'mould',
  },
  {
    pattern:
      /\b(?:shout\w*|scream\w*|burst\w* .*(?:balloon|bag)s?|(?:balloon|bag)s? .*burst\w*|as loud as|bang(?:s|ing)?|loud(?:ness|er|est)? (?:sounds?|noises?|music))\b/i,
    hazard: 'loud-sounds',
  },
  {
    pattern:
      /\b(?:blow(?:s|ing)? (?:up|into|through|a bubble|bubbles|with|the straw)|suck(?:s|ing)? (?:up|through|on)|with (?:your|their|our) mouths?)\b/i,
    hazard: 'mouth-things',
  },
  {
    pattern:
      /\b(?:screw (?:the|a) lid on|close the (?:bottle|lid) (?:tight|at once)|shake the (?:closed|sealed) bottle|cork the bottle|seal(?:ed)? (?:bottle|jar|container).*(?:fizz|yeast|gas|vinegar)|(?:fizz|yeast|vinegar).*(?:seal\w*|stopper\w*|cork\w*|cap on|lid on))\b/i,
    hazard: 'pressure',
  },
  {
    pattern: /\b(?:lift(?:s|ing)?|carr(?:y|ies|ying)) (?:the )?(?:heavy|bricks?|slabs?|logs?|paving)\b/i,
    hazard: 'lifting',
  },
  { pattern: /\b(?:plug(?:ged|s)? in|mains|extension lead|socket)\b/i, hazard: 'mains' },
  { pattern: /\b(?:look (?:at|into) the (?:sun|lamp|light|beam))\b/i, hazard: 'bright-light' },
  { pattern: /\b(?:hot glue|glue gun)\b/i, hazard: 'glue-gun' },
  { pattern: /\b(?:pond|stream|river|lake|seaside|beach|rock ?pool|canal)\b/i, hazard: 'open-water' },
]

import { findThings } from '../../catalogue'
import type { QuestionSort } from '../note'
import {
  anyOf,
  changes,
  compares,
  doings,
  happens,
  lessonThings,
  livesHere,
  outOfReach,
  properties,
} from './vocabulary'

/** Words of taste and of right and wrong: people differ, and no test decides. */
const taste = anyOf(
  'prett(?:y|ier|iest)|nic(?:e|er|est)|lovel(?:y|ier|iest)|ugl(?:y|ier|iest)|beautiful|cut(?:e|er|est)|funn(?:y|ier|iest)|boring|favourites?|favorites?|fun|coolest|cooler than (?:maths|science|football)|lucky|luckiest|gross(?:est)?|yuck\\w*|scar(?:y|ier|iest)',
  'fair (?:to|that|for)|(?:ok|okay|all right|alright|good|bad) to|right to|wrong to|ought to|deserve\\w*|kind to|cruel',
  'for ?ever|meaning of|soul|heaven|god|ghosts?|aliens?|unicorns?|dragons?|magic(?!al| wand|ian)?',
)
/** "The best" of what nobody can measure. */
const bestOfTaste =
  /\b(?:best|better|worst|worse|greatest)\b(?=.*\b(?:colours?|animals?|pets?|songs?|smells?|tastes?|foods?|scientists?|teachers?|games?|names?|subjects?|days?|people|person|cats?|dogs?)\b)|\b(?:colours?|animals?|smells?|tastes?|cats?|dogs?)\b.*\b(?:is|are) (?:the )?(?:best|better)\b/i
/** Feelings of what has none. */
const feelings =
  /\b(?:happy|sad|lonely|bored|angry|proud|scared|tired|alone|in love|hurt|feelings?)\b|\bwants? to\b|\blikes? (?:me|us|you|him|her|each other)\b/i
const should =
  /^should (?!we (?:use|drop|put|measure|count))|\bshould (?:people|humans|animals|zoos|everyone|nobody)\b/i

/** Leave, and what only somebody knows. */
const leave =
  /^(?:may|are|am) (?:we|i|you)\b|^(?:can|could|will|shall|would) (?:we|i|you) (?:please |all )?(?:have|keep (?:the|it|them|one|this)(?! (?:\w+ )?(?:warm|cold|dry|hot|cool|from|up|fresh))|take|borrow|play|eat|taste|drink|go|come|be|do (?:it|this|that|bubbles?|more|another|the)|use (?:the (?:hall|playground|big)|your)|bring|stay|touch|show|start|finish|paint|draw|name|sit|work with)\b/i
const whoKnows =
  /^(?:who|whose)(?:[’']s)? (?:ball|\w+ (?:is|are) (?:this|that|these)|put|left|made|owns?|brought|chose|broke|took|has|had|wants?|is (?:going|next|coming|absent)|built|will|did|gave|wrote|painted|uses?)\b|^whose\b|^(?:do|does|did|have|has|will|would) (?:you|we have|your|anyone|anybody|everyone|mum|dad|grandma|grandpa|people in our)\b|\b(?:your|our|my) (?:grand\w+|mum|dad|famil(?:y|ies)|parents|teacher|caretaker|cook|class|neighbours?|school|friends?)\b|\bthe (?:caretaker|cook|head teacher|teacher)\b|^(?:when|where|what time) (?:are|is|do|will|did|does|can) (?:we|our|the (?:lesson|break|trip))\b|^(?:why|what|which|how) (?:did|do|would|are) you\b|\b(?:your|our|\w+[’']s) favourites?\b|^will we\b|\b(?:have|do|did|are|were|would) you\b(?! (?:have to|need to|get|make|put|add|keep it|stop it|see it))|^(?:can|could|may) (?:my|our|the) (?:group|team|class|table)\b|^(?:can|could) we ask\b/i

/** What books know: names, makers, where things come from, what they are, how they work. */
const facts =
  /^(?:what|which|who|whose|where|when|how)\b.*\b(?:called|made (?:of|from|by)|invent\w*|discover\w*|come from|comes from|came from|formed|mean(?:s|ing)?|stand for)\b|^who\b|^when did\b|^how (?:old|did|is|was|were|are) \b|^how (?:do|does) (?:an? |the )?\w+(?: \w+)? (?:work|live|breathe|form|start|stay up|fly|see|hear|talk)\b|^what (?:is|are|was|were) (?:the (?:difference|name|capital|biggest|smallest|oldest|longest|tallest|heaviest)|inside|in) ?|^what (?:do|does) .*\b(?:eat|drink|breathe|have inside|contain|call)\b|^how (?:do|does) .*\bget made\b|\b(?:most|least|more) (?:expensive|popular|famous|common|dangerous|poisonous|intelligent|clever|rare|precious|valuable)\b|^how many (?:kinds|types|sorts|legs|eyes|bones|people|countries|planets|colours)\b|^how (?:are|is|was|were) .*\b(?:made|formed)\b|^what (?:is|are) (?:an? |the )?\w+s?\??$|^what colour (?:is|are)\b|^where (?:do|does|did|is|are|was) (?!.*\b(?:fast|quick|slow|best|most|warm|cold|grow)\w*)/i
const howMany = /^how many (?:\w+ )+(?:are there|does an?|do|has an?|have)\b/i
/** What something is: "Is glass a liquid?" */
const kindOf =
  /^(?:is|are|was|were) (?:an? |the |all |those |these )?(?:\w+ ){1,3}(?:an? \w+|alive|living|dead|real|extinct|poisonous|insects?|animals?|plants?|mammals?|fruits?)\??$/i
/** What living things do and have, which a class cannot bring about. */
const habits =
  /^(?:do|does|can|did|are|is|have|has) .*\b(?:sleep|breathe|think|dream|talk|swim|fly|eat|lay|bite|sting|have|see|remember|knees|eyes|teeth|ears|bones|blood|hearts?)\b/i

/** An improvement in rounds: "How can we make the bridge stronger?" */
const improve =
  /^(?:how|what) (?:can|could|would|do|might|should) (?:we|you|i|it|help|stop|make)\b|^what(?:[’']s| is) the (?:best|fastest|quickest|easiest) way to\b|^what (?:makes?|made|keeps?|stops?|helps?)\b/i
const tryIt =
  /^(?:can|could) (?:we|you|i) (?:really )?(?:make|stop|grow|keep|build|get|slow|speed|separate|mix|melt|dissolve|float|sink|lift|move|hear|see through|change|clean|dry|break|stretch|bend|freeze|hold|roll|blow|fill|balance|warm|cool|turn)\b/i
const imagined =
  /\bwhat (?:if|would happen if) (?:there (?:was|were|is) no|everyone|everybody|nobody|the (?:sun|moon|earth|world|sea)|people|animals|we (?:could fly|were|lived))\b|\bif (?:there (?:was|were) no (?:gravity|air|sun|water on))\b/i

/**
 * Returns how a question seems to be answered best, for a reason found in its words; the class decides. A test needs something that a class
 * can change or compare, and something that it can see or measure.
 * @returns null where the words give no reason, as for "why"
 * @example sortQuestion('What is chalk made of?') // 'look-up'
 * @example sortQuestion('Which is the biggest planet?') // 'look-up'
 */
export function sortQuestion(question: string): QuestionSort | null {
  const text = question.trim().replace(/\s+/g, ' ')
  if (text === '') return null
  if (whoKnows.test(text) || leave.test(text)) return 'ask'
  if (/^why\b/i.test(text) || imagined.test(text)) return null
  if (taste.test(text) || bestOfTaste.test(text) || feelings.test(text) || should.test(text))
    return 'unanswerable'
  const isHere = !outOfReach.test(withoutOthers(text)) && bringsThings(text)
  if (isHere && (improve.test(text) || tryIt.test(text))) return 'test'
  const isFact = facts.test(text) || howMany.test(text) || kindOf.test(text) || habits.test(text)
  if (isHere && (!isFact || isTried(text)) && isTest(text)) return 'test'
  if (isFact || outOfReach.test(text)) return isQuestion(text) ? 'look-up' : null
  return null
}

/** "Which rock is hardest?" is about rocks on a table, and "the light" is a lamp's. */
const withoutOthers = (text: string) =>
  text.replace(
    /\b(?:paper|straw|water|balloon|toy|model) (?:planes?|rockets?|boats?|animals?)\b|\bfish(?:ing)? lines?\b/gi,
    'it',
  )

const bringsThings = (text: string) =>
  lessonThings.test(text) || livesHere.test(text) || findThings(text, 'sentence').length > 0

/** Whether it compares or changes something, and something that can be seen comes of it. */
function isTest(text: string): boolean {
  const differs = compares.test(text) || changes.test(text) || doings.test(text)
  const seen =
    happens.test(text) ||
    compares.test(text) ||
    /\bwhat (?:happens|would happen|will happen|if)\b|\b(?:matters?|difference)\b/i.test(text)
  const isMeasured =
    /^how (?:far|long|high|fast|much|many|quickly|well|loud|heavy|warm|cold|strong|stretchy|bouncy|wide|deep)\b/i.test(
      text,
    )
  return (
    (differs && seen) ||
    (isMeasured && (happens.test(text) || /^how (?:strong|stretchy|bouncy|heavy|loud)\b/i.test(text))) ||
    properties.test(text) ||
    (livesHere.test(text) && /\b(?:like|likes|prefer\w*|choose|need\w*|turn\w*)\b/i.test(text)) ||
    (/^(?:will|would|can|does|do|is|are|which|what)\b/i.test(text) &&
      happens.test(text) &&
      !/^what (?:is|are)\b/i.test(text))
  )
}

/** What sounds like a fact and can be tried all the same: "Do cress seeds need soil?", "Does the ball have to be wet to bounce?" */
const isTried = (text: string) =>
  (livesHere.test(text) && /\b(?:like|prefer|need|grow|turn|faster|slower)\w*\b/i.test(text)) ||
  /\b(?:change|matter|fast|quick|slow|first|melt|bounc|soak|cool|keep|last|longer)\w*\b/i.test(text)

const isQuestion = (text: string) =>
  /^(?:what|which|who|where|when|how|do|does|did|is|are|was|were|can|could|has|have|will)\b/i.test(text)

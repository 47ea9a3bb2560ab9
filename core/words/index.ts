export { adjectiveForm, adjectiveWords, formsOf, type AdjectiveForm, type Degree } from './degrees'
export { changedSign, measuredSign, scalesOf, verbSign, type Sign } from './polarity'
export { adjectives, endOf, type ScaleName } from './scales'

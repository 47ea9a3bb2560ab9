import { laterComponent } from '../../../loading/lazy'

// What opens when a word of the plan is pressed.
export const KeptSamePanel = laterComponent(() => import('./KeptSamePanel.vue'))
export const LevelsPanel = laterComponent(() => import('./LevelsPanel.vue'))
export const WordChoices = laterComponent(() => import('./WordChoices.vue'))
export const WordNumber = laterComponent(() => import('./WordNumber.vue'))
export const WordText = laterComponent(() => import('./WordText.vue'))

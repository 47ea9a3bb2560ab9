import { lazyComponent } from '~/loading/lazy'

// What opens when a word of the plan is pressed.
export const KeptSamePanel = lazyComponent(() => import('./KeptSamePanel.vue'))
export const LevelsPanel = lazyComponent(() => import('./LevelsPanel.vue'))
export const WordChoices = lazyComponent(() => import('./WordChoices.vue'))
export const WordNumber = lazyComponent(() => import('./WordNumber.vue'))
export const WordText = lazyComponent(() => import('./WordText.vue'))

import { laterComponent } from '../../../loading/later'

// What a plan shows when something of it is pressed.
export const KeptSamePanel = laterComponent(() => import('./KeptSamePanel.vue'))
export const LevelsPanel = laterComponent(() => import('./LevelsPanel.vue'))
export const OwnTest = laterComponent(() => import('./OwnTest.vue'))
export const PlanList = laterComponent(() => import('./PlanList.vue'))
export const VariablesBoard = laterComponent(() => import('../../shared/cards/VariablesBoard.vue'))
export const WordChoices = laterComponent(() => import('./WordChoices.vue'))
export const WordNumber = laterComponent(() => import('./WordNumber.vue'))
export const WordText = laterComponent(() => import('./WordText.vue'))

import { laterComponent } from '../../../loading/later'

// What a plan shows in place of its sentences, or beside them, when that is asked for.
export const OwnTest = laterComponent(() => import('./OwnTest.vue'))
export const PlanList = laterComponent(() => import('./PlanList.vue'))
export const TimeView = laterComponent(() => import('./TimeView.vue'))
export const VariablesBoard = laterComponent(() => import('../../shared/cards/VariablesBoard.vue'))

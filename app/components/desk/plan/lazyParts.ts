import { laterComponent } from '../../../loading/lazy'

// What a plan shows in place of its sentences, or beside them, when that is asked for.
export const PlanList = laterComponent(() => import('./PlanList.vue'))
export const TimeView = laterComponent(() => import('./TimeView.vue'))

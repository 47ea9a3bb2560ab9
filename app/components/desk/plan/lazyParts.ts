import { lazyComponent } from '~/loading/lazy'

// What a plan shows in place of its sentences, or beside them, when that is asked for.
export const BackgroundView = lazyComponent(() => import('./BackgroundView.vue'))
export const PlanList = lazyComponent(() => import('./PlanList.vue'))
export const TimeView = lazyComponent(() => import('./TimeView.vue'))
export const LastTime = lazyComponent(() => import('./LastTime.vue'))

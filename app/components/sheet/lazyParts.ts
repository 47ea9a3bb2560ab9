import { lazyComponent } from '~/loading/lazy'

// What a Sheet shows only when somebody asks for it.
export const SheetVisit = lazyComponent(() => import('./SheetVisit.vue'))
export const SheetVisitors = lazyComponent(() => import('./SheetVisitors.vue'))
export const ObserveDialog = lazyComponent(() => import('../shared/observe/ObserveDialog.vue'))

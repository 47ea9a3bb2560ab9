import { lazyComponent } from '~/loading/lazy'

// What a Sheet shows only when somebody asks for it.
export const ObserveDialog = lazyComponent(() => import('../shared/observe/ObserveDialog.vue'))

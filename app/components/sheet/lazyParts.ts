import { laterComponent } from '../../loading/lazy'

// What a Sheet shows only when somebody asks for it.
export const ObserveDialog = laterComponent(() => import('../shared/observe/ObserveDialog.vue'))

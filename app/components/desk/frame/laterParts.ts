import { laterComponent } from '../../../loading/later'

// What a Desk shows once the words of its stage stand.
export const BenchStrip = laterComponent(() => import('../strip/BenchStrip.vue'))
export const ChecksColumn = laterComponent(() => import('../checks/ChecksColumn.vue'))
export const ClockBar = laterComponent(() => import('./ClockBar.vue'))
export const KeysDialog = laterComponent(() => import('./KeysDialog.vue'))
export const LessonRemoved = laterComponent(() => import('../../shared/frame/LessonRemoved.vue'))
export const PartsBar = laterComponent(() => import('./PartsBar.vue'))
export const RefusedActs = laterComponent(() => import('../../shared/frame/RefusedActs.vue'))
export const RoomWarning = laterComponent(() => import('./RoomWarning.vue'))

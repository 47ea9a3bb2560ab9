import { laterComponent } from '../../loading/later'

// What a Sheet that is opened in the middle of a test does not show at once.
export const SheetDone = laterComponent(() => import('./SheetDone.vue'))
export const SheetLater = laterComponent(() => import('./SheetLater.vue'))
export const SheetLine = laterComponent(() => import('./SheetLine.vue'))
export const SheetPractise = laterComponent(() => import('./SheetPractise.vue'))
export const SheetPredict = laterComponent(() => import('./SheetPredict.vue'))
export const SheetRoles = laterComponent(() => import('./SheetRoles.vue'))
export const SheetStart = laterComponent(() => import('./SheetStart.vue'))
export const SheetStep = laterComponent(() => import('./SheetStep.vue'))
export const SheetWorking = laterComponent(() => import('./SheetWorking.vue'))
export const ObserveDialog = laterComponent(() => import('../shared/observe/ObserveDialog.vue'))
export const RefusedActs = laterComponent(() => import('../shared/frame/RefusedActs.vue'))
export const RefusedEntries = laterComponent(() => import('../shared/entries/RefusedEntries.vue'))
export const RefusedObservations = laterComponent(() => import('../shared/observe/RefusedObservations.vue'))
export const RaceStart = laterComponent(() => import('../shared/time/RaceStart.vue'))
export const StopwatchPanel = laterComponent(() => import('../shared/instrument/StopwatchPanel.vue'))
export const BellMute = laterComponent(() => import('../shared/time/BellMute.vue'))

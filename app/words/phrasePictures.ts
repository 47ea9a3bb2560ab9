import {
  mdiAlertOutline,
  mdiArrowCollapseHorizontal,
  mdiArrowRightBold,
  mdiCheckBold,
  mdiEqual,
  mdiExclamationThick,
  mdiHelp,
  mdiMotionPlayOutline,
  mdiPencilOutline,
  mdiPinOutline,
  mdiRepeat,
  mdiScaleBalance,
} from '@mdi/js'
import type { PhraseId } from '#core/review'

/** A picture for each thing that a group may say in one press. */
export const phrasePictures: Record<PhraseId, string> = {
  tries: mdiRepeat,
  'same-way': mdiEqual,
  close: mdiArrowCollapseHorizontal,
  agrees: mdiScaleBalance,
  wrote: mdiPencilOutline,
  how: mdiMotionPlayOutline,
  kept: mdiPinOutline,
  odd: mdiAlertOutline,
  surprise: mdiExclamationThick,
  right: mdiCheckBold,
  unknown: mdiHelp,
  'next-time': mdiArrowRightBold,
}

import {
  mdiAlertCircle,
  mdiCheckCircle,
  mdiCircleOutline,
  mdiLightbulbOn,
  mdiShieldAlertOutline,
  mdiShieldCheck,
} from '@mdi/js'
import type { CheckState } from '#core/checks'

/** The sign of each state of a check. */
export const checkSigns: Record<CheckState, { icon: string; colour: string | undefined }> = {
  good: { icon: mdiCheckCircle, colour: 'primary' },
  think: { icon: mdiLightbulbOn, colour: 'accent' },
  mend: { icon: mdiAlertCircle, colour: 'error' },
  none: { icon: mdiCircleOutline, colour: undefined },
  asked: { icon: mdiShieldAlertOutline, colour: 'accent' },
  confirmed: { icon: mdiShieldCheck, colour: 'primary' },
}

import { storageFailed } from '../stores/sending/storageFailed'

/** Where something waits that could not be sent, as it follows "3 readings are". */
export const waitingWords = (): string =>
  storageFailed.value
    ? 'on this page only. Leave it open until the connection is back'
    : 'kept here until the connection is back'

declare module 'fs-native-extensions' {
  /** Asks the kernel for a lock on an open file; false while another open file holds it. */
  export function tryLock(file: number): boolean
}

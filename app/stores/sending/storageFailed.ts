import { ref } from 'vue'

/** Whether this browser keeps nothing for us, because its store is full or forbidden: what waits is on the page alone then. */
export const storageFailed = ref(false)

import { ref } from 'vue'

/** What is being typed in the grid, in the unit that the plan measures in: the instrument on the bench shows it. */
const shown = ref<number | null>(null)

/** One value for the grid that sets it and the bench that shows it. */
export const useShownReading = () => shown

/** How often the server tells a screen that hears of nothing that it is still there, in ms. */
export const heartbeatInterval = 15_000

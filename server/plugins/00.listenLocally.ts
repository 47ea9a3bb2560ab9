import { defineNitroPlugin } from 'nitropack/runtime'

/** Plugins run before the server listens: without being told otherwise it is reached from this machine only. */
export default defineNitroPlugin(() => {
  process.env.NITRO_HOST = process.env.JOLLY_HOST || '127.0.0.1'
  process.env.NITRO_PORT = process.env.JOLLY_PORT || process.env.NITRO_PORT || '3000'
  process.env.NITRO_SHUTDOWN_TIMEOUT ??= '5000'
})

/** The smallest page on the same framework and component library: what ours is compared with. */
export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  ssr: false,
  telemetry: false,
  devtools: { enabled: false },
  modules: ['vuetify-nuxt-module'],
  buildDir: '../../.bench/bare-build',
  nitro: { output: { dir: '../../.bench/bare' }, compressPublicAssets: true },
})

import { readdirSync } from 'node:fs'
import { join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'
import { chunkByFace } from './scripts/bundle/chunkByFace'
import { bundleThreads } from './scripts/bundle/bundleThreads'
import { filesByFace, fontFiles } from './scripts/bundle/faceFiles'
import type { FaceFiles } from './server/http/preloadLinks'

const folder = (path: string) => fileURLToPath(new URL(path, import.meta.url))

/** The lock's binaries are found at run time only, so the build has to be told to take them along. */
const binaries = folder('./node_modules/fs-native-extensions/prebuilds')
const lockBinaries = readdirSync(binaries, { recursive: true, encoding: 'utf8' })
  .filter((path) => /^(linux|darwin|win32)-.*\.node$/.test(path))
  .map((path) => join(binaries, path))

/** What each face cannot do without, and what words are written in; known once the pages are built. */
const faceFiles: FaceFiles = {}
const fonts: string[] = []

export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  // A school tool behind a login-to-be: nothing gains from server rendering, and without it
  // the content policy can forbid every inline script.
  ssr: false,
  telemetry: false,
  // Nothing of the server is minified, so that its traces are read without.
  sourcemap: false,
  devtools: { enabled: false },
  modules: ['@pinia/nuxt', 'vuetify-nuxt-module', 'nuxt-security'],
  alias: { '#core': folder('./core'), '#demo': folder('./demo'), '#starters': folder('./starters') },
  css: [
    'vuetify/styles/core',
    '~/theme/vuetify.scss',
    '~/theme/fonts.css',
    '~/theme/base.css',
    '~/theme/paper.css',
    '~/theme/print.css',
  ],
  components: [{ path: '~/components', pathPrefix: false, extensions: ['vue'] }],
  imports: { dirs: [] },
  app: {
    head: {
      title: 'Jolly Beaker',
      htmlAttrs: { lang: 'en' },
      meta: [{ name: 'viewport', content: 'width=device-width, initial-scale=1' }],
      link: [{ rel: 'icon', type: 'image/svg+xml', href: '/favicon.svg' }],
    },
  },
  vuetify: {
    moduleOptions: { styles: true, disableVuetifyStyles: true, prefixComposables: true },
    vuetifyOptions: './app/theme/vuetify.ts',
  },
  security: {
    headers: {
      contentSecurityPolicy: {
        'default-src': ["'self'"],
        'base-uri': ["'none'"],
        'font-src': ["'self'"],
        'form-action': ["'self'"],
        'frame-ancestors': ["'none'"],
        'img-src': ["'self'", 'data:', 'blob:'],
        'object-src': ["'none'"],
        'script-src': ["'self'", "'nonce-{{nonce}}'"],
        'script-src-attr': ["'none'"],
        // Vuetify writes its theme into a style element at run time.
        'style-src': ["'self'", "'unsafe-inline'"],
        'connect-src': ["'self'"],
        'worker-src': ["'self'"],
        // Tablets reach the teacher's machine by plain http inside the school.
        'upgrade-insecure-requests': false,
      },
      strictTransportSecurity: false,
      // The Board fills the projector.
      permissionsPolicy: { fullscreen: ['self'] },
      crossOriginEmbedderPolicy: false,
    },
    // A whole class shares one address; sizes are limited where bodies are read.
    rateLimiter: false,
    requestSizeLimiter: false,
    xssValidator: false,
    corsHandler: false,
    allowedMethodsRestricter: false,
  },
  vite: {
    // A file says by its name what is in it.
    $client: {
      build: {
        rollupOptions: {
          output: {
            manualChunks: chunkByFace(),
            chunkFileNames: '_nuxt/[name].[hash].js',
            entryFileNames: '_nuxt/[name].[hash].js',
          },
        },
      },
    },
    build: {
      rollupOptions: {
        // The core does nothing by itself: what a page does not use of it is left out, with the libraries behind it.
        treeshake: { moduleSideEffects: (id) => !id.startsWith(folder('./core/')) },
      },
    },
  },
  hooks: {
    // Nitro writes down what each route gives; this adds what it takes, so that pages are checked against both.
    'nitro:init': (nitro) => {
      nitro.hooks.hook('types:extend', ({ routes }) => {
        const from = (file: string) =>
          relative(join(nitro.options.buildDir, 'types'), file).replace(/\.ts$/, '')
        for (const { route, method, handler } of nitro.scannedHandlers)
          if (route && method)
            routes[`takes ${route}`] = {
              ...routes[`takes ${route}`],
              [method]: [
                `import('${from(folder('./server/http/defineRoute.ts'))}').TakenBy<typeof import('${from(handler)}').default>`,
              ],
            }
      })
    },
    // A first page announces nothing that it does not need: what else there is comes when that page stands (app/loading).
    'build:manifest': (manifest) => {
      Object.assign(faceFiles, filesByFace(manifest))
      fonts.push(...fontFiles(manifest))
      for (const file of Object.values(manifest)) Object.assign(file, { prefetch: false, dynamicImports: [] })
    },
  },
  nitro: {
    // Browsers take brotli from this machine only: to tablets a school speaks plain http.
    compressPublicAssets: { gzip: true, brotli: false },
    virtual: {
      '#face-files': () =>
        `export const faceFiles = ${JSON.stringify(faceFiles)}\nexport const fonts = ${JSON.stringify(fonts)}`,
    },
    externals: { traceInclude: lockBinaries },
    errorHandler: folder('./server/http/errorHandler.ts'),
    esbuild: { options: { target: 'node20' } },
  },
  // The development server has an entry of its own; of an application without server rendering it asks for one all the same.
  $production: {
    nitro: {
      entry: folder('./server/entry.ts'),
      hooks: {
        // The embedded database runs in a thread, which is loaded from a file of its own.
        // So do files and timetables. What these threads share with the program would bring the program along, so each is bundled alone.
        compiled: (nitro) => bundleThreads(nitro.options.output.serverDir),
        'rollup:before': (_nitro, config) => {
          config.input = {
            index: config.input as string,
            databaseThread: folder('./server/database/embedded/thread.ts'),
          }
          Object.assign(config.output as object, { entryFileNames: '[name].mjs' })
        },
      },
    },
  },
  $development: {
    vite: {
      build: { rollupOptions: { input: { server: folder('./node_modules/nuxt/dist/app/entry-spa.js') } } },
    },
  },
  // A face is one file, so that there is little left to fetch before a link is followed.
  experimental: { defaults: { nuxtLink: { prefetchOn: { visibility: false, interaction: true } } } },
  typescript: {
    strict: true,
    // Pages bring the rest of what they use along; everything else is checked by tsconfig.node.json.
    tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } },
  },
})

import { firstOf } from '#core/defined'
import { defineNitroPlugin } from 'nitropack/runtime'
import { faceFiles, fonts } from '#face-files'
import { preloadLinks } from '../http/preloadLinks'

/** Every page tells the browser at once what its first screen needs. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('render:html', (html, { event }) => {
    html.head.push(preloadLinks(firstOf(event.path.split('?')), faceFiles, fonts))
  })
})

import type { ObjectDirective } from 'vue'

/**
 * `v-focus`, or `v-focus="whether"`: the field in this element is where one types first. Vuetify's own `autofocus` comes a moment later, and then takes the
 * caret from somebody who is already in the next field: a passphrase ends up in the name.
 */
export const vFocus: ObjectDirective<HTMLElement, boolean | undefined> = {
  mounted: (element, { value: wanted = true }) => {
    if (wanted) element.querySelector<HTMLElement>('input, textarea')?.focus()
  },
}

import { defineVuetifyConfiguration } from 'vuetify-nuxt-module/custom-configuration'
import { palette } from './palette'

export default defineVuetifyConfiguration({
  icons: { defaultSet: 'mdi-svg' },
  theme: {
    defaultTheme: 'bench',
    themes: {
      bench: {
        dark: false,
        colors: {
          background: palette.paper,
          surface: palette.surface,
          'on-background': palette.ink,
          'on-surface': palette.ink,
          primary: palette.teal,
          secondary: palette.ink,
          accent: palette.marigold,
          error: palette.coral,
          warning: palette.marigold,
          info: palette.teal,
          success: palette.teal,
        },
        variables: { 'border-color': palette.ink, 'border-opacity': 0.18, 'medium-emphasis-opacity': 0.78 },
      },
    },
  },
  defaults: {
    VBtn: { rounded: 'lg', flat: true },
    VTextField: { variant: 'outlined', density: 'compact', hideDetails: 'auto', color: 'primary' },
    VTextarea: {
      variant: 'outlined',
      density: 'compact',
      hideDetails: 'auto',
      color: 'primary',
      autoGrow: true,
      rows: 2,
    },
    VSelect: { variant: 'outlined', density: 'compact', hideDetails: 'auto', color: 'primary' },
    VCheckbox: { density: 'compact', hideDetails: 'auto', color: 'primary' },
    VBtnToggle: { rounded: 'lg', VBtn: { rounded: 0 } },
    VCard: { rounded: 'lg' },
    VDialog: { maxWidth: 640 },
  },
})

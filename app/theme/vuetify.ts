import { defineVuetifyConfiguration } from 'vuetify-nuxt-module/custom-configuration'

export default defineVuetifyConfiguration({
  icons: { defaultSet: 'mdi-svg' },
  theme: {
    defaultTheme: 'bench',
    themes: {
      bench: {
        dark: false,
        colors: {
          background: '#FBF8F2',
          surface: '#FFFFFF',
          'on-background': '#1F2A44',
          'on-surface': '#1F2A44',
          primary: '#0B6E6E',
          secondary: '#1F2A44',
          accent: '#E8A317',
          error: '#B8412F',
          warning: '#E8A317',
          info: '#0B6E6E',
          success: '#0B6E6E',
        },
        variables: { 'border-color': '#1F2A44', 'border-opacity': 0.18, 'medium-emphasis-opacity': 0.78 },
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

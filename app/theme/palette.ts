/** Every colour of the interface but those of the group emblems, once. Styles know each as `--name`, charts and the theme by its name. */
export const palette = {
  ink: '#1f2a44',
  'ink-soft': '#55607a',
  line: '#d9d2c5',
  'line-soft': '#ece6da',
  // Surfaces, from the page up to what lies on it, and what is let into it.
  paper: '#fbf8f2',
  surface: '#ffffff',
  'surface-warm': '#fffdf9',
  'surface-sunk': '#f3eee4',
  teal: '#0b6e6e',
  'teal-soft': '#2f8583',
  'teal-wash': '#e3f0ee',
  marigold: '#e8a317',
  'marigold-wash': '#fdf1d5',
  coral: '#b8412f',
  'coral-wash': '#fae6e1',
  blue: '#2f5fa8',
  brown: '#8a5a00',
  // What instruments are made of.
  brass: '#fff7e3',
  steel: '#8b8f9c',
  water: '#8fc7c7',
} as const

/** What is different for those who have asked their device for more contrast. */
export const strongPalette: Partial<Record<keyof typeof palette, string>> = {
  ink: '#000000',
  'ink-soft': '#1f2a44',
  line: '#55607a',
  'line-soft': '#55607a',
  paper: '#ffffff',
  'surface-warm': '#ffffff',
  'surface-sunk': '#ffffff',
  teal: '#004d4d',
  'teal-soft': '#0b5656',
  'teal-wash': '#ffffff',
  marigold: '#6b4600',
  'marigold-wash': '#ffffff',
  coral: '#8a1f10',
  'coral-wash': '#ffffff',
  blue: '#1b3f78',
  brown: '#5c3c00',
}

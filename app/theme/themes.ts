import type { ThemeDefinition } from 'vuetify'

/** Day: ink on paper with one signal red. Night: dim and warm, nothing blue, to keep night sight. Contrast checked by axe on every view. */
export const THEMES: Record<'day' | 'night', ThemeDefinition> = {
  day: {
    dark: false,
    colors: {
      background: '#f3efe4',
      surface: '#fffdf6',
      'surface-variant': '#e6dfcc',
      'on-surface-variant': '#2d3a36',
      'on-background': '#16302e',
      'on-surface': '#16302e',
      primary: '#0d5358',
      'on-primary': '#fffdf6',
      secondary: '#b23a17',
      'on-secondary': '#fffdf6',
      error: '#a3160f',
      warning: '#8a5a00',
      success: '#2d6a35',
      info: '#0d5358',
    },
    variables: {
      'high-emphasis-opacity': 1,
      'medium-emphasis-opacity': 0.8,
      'border-color': '#16302e',
      'border-opacity': 0.16,
    },
  },
  night: {
    dark: true,
    colors: {
      background: '#120b07',
      surface: '#1d130c',
      'surface-variant': '#33221a',
      'on-surface-variant': '#e9b07a',
      'on-background': '#e3a873',
      'on-surface': '#e3a873',
      primary: '#e0924f',
      'on-primary': '#1d0f06',
      secondary: '#ef7a4c',
      'on-secondary': '#1d0f06',
      error: '#ff8a70',
      warning: '#e5b567',
      success: '#b9b26a',
      info: '#e0924f',
    },
    variables: {
      'high-emphasis-opacity': 1,
      'medium-emphasis-opacity': 0.86,
      'border-color': '#e3a873',
      'border-opacity': 0.22,
    },
  },
}

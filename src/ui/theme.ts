import { type MantineColorsTuple, createTheme } from '@mantine/core'

/** Ten shades about a colour of the design; the sixth is the colour itself. */
const oak: MantineColorsTuple = [
  '#FBF1E6',
  '#F3E0CA',
  '#E7C49C',
  '#D9A56A',
  '#C98A46',
  '#A9662A',
  '#8A4B12',
  '#74400F',
  '#5F350D',
  '#4A290A',
]
const moss: MantineColorsTuple = [
  '#EDF5F0',
  '#D8E8DE',
  '#B3D3C0',
  '#8ABD9F',
  '#66A583',
  '#478B67',
  '#2F6B4F',
  '#285C44',
  '#204B37',
  '#183A2A',
]
const slate: MantineColorsTuple = [
  '#EAF3F8',
  '#D2E5EF',
  '#A6CCDF',
  '#78B1CE',
  '#4E96BA',
  '#337FA5',
  '#1F6489',
  '#1A5575',
  '#154660',
  '#10364A',
]
const gold: MantineColorsTuple = [
  '#FDF5E6',
  '#F9E8C8',
  '#F3D29A',
  '#ECBD6C',
  '#E3AA47',
  '#DEA138',
  '#D9982B',
  '#9A6712',
  '#7A510D',
  '#5B3C09',
]
const warm: MantineColorsTuple = [
  '#F3EDE3',
  '#DDD2C4',
  '#C3B5A4',
  '#A59686',
  '#877A6D',
  '#5E5249',
  '#453A33',
  '#362D28',
  '#2A2320',
  '#1E1916',
]
const linen: MantineColorsTuple = [
  '#F7F2E9',
  '#F0E8DB',
  '#E6DCCB',
  '#D8CCB8',
  '#C4B6A0',
  '#A09280',
  '#7D7063',
  '#5F544A',
  '#453C34',
  '#2F2822',
]

export const theme = createTheme({
  colors: { oak, moss, slate, gold, gray: linen, dark: warm },
  primaryColor: 'moss',
  primaryShade: { light: 6, dark: 6 },
  black: '#2B2320',
  fontFamily: 'Figtree Variable, sans-serif',
  headings: { fontFamily: 'Andika, sans-serif', fontWeight: '700' },
  defaultRadius: 'md',
  cursorType: 'pointer',
  respectReducedMotion: true,
})

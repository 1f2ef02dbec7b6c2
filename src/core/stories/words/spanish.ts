import { type EventWords, type StoryWords, ended, spaced } from './types'

const clause = (name: string, [verb, rest]: EventWords) => spaced(name, verb, rest)

/** "la una", "las siete": figures have no article of their own. */
function withArticle(time: string): string {
  if (/^\d/.test(time)) return /^0?1:/.test(time) ? `la ${time}` : `las ${time}`
  return time
}

export const SPANISH_STORY: StoryWords = {
  whichClock: (quote) => `¿Qué reloj es el correcto? «${quote}»`,
  setClock: (quote) => `Pon el reloj en hora: «${quote}»`,
  howLong: (from, to) => `¿Cuánto tiempo pasa desde «${from}» hasta «${to}»?`,
  between: (from, to) => `¿Qué pasa entre «${from}» y «${to}»?`,
  laterBy: (one, other) => `¿Qué es más tarde, y por cuánto: lo primero, «${one}», o lo segundo, «${other}»?`,
  byMuch: (which, length) => `lo ${which}, por ${length}`,
  order: 'Ponlo en el orden del cuento.',
  whatIf: (quote, length) => `«${quote}» ¿Qué hora sería ${length} más tarde?`,
  infer: (quote) => `¿Cuándo pudo ser esto? «${quote}»`,
  questions: 'Preguntas',
  first: 'primero',
  second: 'segundo',
  title: (name) => `El día de ${name} en la Esclusa de la Garza`,
  ownTitle: 'Un día, hora a hora',
  at: (time) => (/^(?:mediodía|medianoche)$/.test(time) ? `a ${time}` : `a ${withArticle(time)}`),
  itIs: (time) =>
    /^la 1|^la una|^1:|^01:|^mediod|^medianoche/.test(withArticle(time))
      ? ended(`Es ${withArticle(time)}`)
      : ended(`Son ${withArticle(time)}`),
  later: (length) => `${length} después`,
  lengths: {
    5: 'cinco minutos',
    10: 'diez minutos',
    15: 'un cuarto de hora',
    20: 'veinte minutos',
    25: 'veinticinco minutos',
    30: 'media hora',
    35: 'treinta y cinco minutos',
    40: 'cuarenta minutos',
    45: 'tres cuartos de hora',
    50: 'cincuenta minutos',
    55: 'cincuenta y cinco minutos',
    60: 'una hora',
    90: 'una hora y media',
    120: 'dos horas',
  },
  clause,
  inverted: clause,
  timed: (name, words, at) => spaced(clause(name, words), at),
  now: (what) => `Ahora: ${what}.`,
  comma: ',',
  events: {
    wake: ['se despierta', ''],
    wash: ['se lava', 'con agua fría'],
    breakfast: ['come', 'un plato de avena'],
    walk: ['camina', 'junto al canal'],
    lock: ['mira', 'cómo se abre la esclusa'],
    ducks: ['da', 'de comer a los patos'],
    bread: ['compra', 'pan en el barco del panadero'],
    stories: ['escucha', 'un cuento en el barco'],
    clocks: ['hace', 'un reloj de papel'],
    ferry: ['cruza', 'el agua en barca'],
    lunch: ['come', 'sopa con los demás'],
    kingfisher: ['ve', 'un martín pescador junto al puente'],
    tea: ['bebe', 'té en la cubierta'],
    lamp: ['ayuda', 'a encender las lámparas'],
    supper: ['come', 'pan con queso'],
    bed: ['se va', 'a la cama'],
  },
}

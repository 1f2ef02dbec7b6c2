import type { CardsWords, HandsWords, JumpWords, RelayWords } from './types'

export const spanishJump: JumpWords = {
  told: {
    standing: 'Hay cinco cosas en el suelo: una en el centro y una en cada cuarto de un reloj. Poneos en el centro.',
    seated: 'Hay cinco cosas en el suelo: una en el centro y una en cada cuarto de un reloj. Señalad desde el sitio.',
  },
  facing: {
    twelve: 'El doce está justo delante de vosotros.',
    six: 'El seis está justo delante de vosotros y el doce está detrás.',
  },
  quarters: {
    'ahead-right': 'delante a la derecha',
    'behind-right': 'detrás a la derecha',
    'behind-left': 'detrás a la izquierda',
    'ahead-left': 'delante a la izquierda',
  },
  either: (one, other) => `Justo en la línea, valen los dos: ${one} o ${other}`,
  out: {
    standing: (where) => `${where}: saltad y volved, tres veces.`,
    seated: (where) => `${where}: señalad tres veces.`,
  },
  which: '¿En qué cuarto está?',
  hour24: { isUsual: false, say: (hour) => `las ${hour}:00` },
  day: {
    7: 'Nos levantamos.',
    8: 'Desayunamos.',
    9: 'Damos los buenos días a todos.',
    10: 'Cantamos una canción.',
    11: 'Comemos algo y jugamos fuera.',
    12: 'Pintamos y construimos.',
    13: 'Nos lavamos las manos.',
    14: 'Comemos.',
    16: 'Escuchamos un cuento.',
    17: 'Merendamos.',
    18: 'Jugamos en casa.',
    19: 'Nos bañamos.',
    20: 'Cenamos.',
  },
  places: (metres, between) =>
    `Cada una de las cuatro cosas está a ${metres} m de la del centro y a ${between} m de sus dos vecinas.`,
}

export const spanishHands: HandsWords = {
  told: {
    standing:
      'Dos de vosotros sois las agujas del reloj del suelo. La larga anda por el anillo y la corta más adentro.',
    seated: 'Poned un reloj donde todos lo vean. Dos de vosotros movéis las agujas, una cada uno.',
  },
  both: (long, short) => `${long} es la aguja larga. ${short} es la aguja corta.`,
  alone: (short) => `${short} es la aguja corta.`,
  longOnNumbers: (numbers, where) =>
    `Aguja larga: avanza ${numbers} ${numbers === 1 ? 'número' : 'números'}, ${where}.`,
  longOnMarks: (marks, where) => `Aguja larga: avanza ${marks} ${marks === 1 ? 'rayita' : 'rayitas'}, ${where}.`,
  longStays: 'Aguja larga: quédate donde estás.',
  onNumber: (numeral) => `hasta el ${numeral}`,
  pastNumber: (marks, numeral) => `${marks} después del ${numeral}`,
  shortOn: (numbers, where) =>
    numbers === 0
      ? `Aguja corta: avanza un poco, ${where}.`
      : `Aguja corta: avanza ${numbers} ${numbers === 1 ? 'número' : 'números'}, ${where}.`,
  shortStays: 'Aguja corta: quédate donde estás.',
  justPast: (numeral) => `un poco después del ${numeral}`,
  between: (numeral, next) => `a mitad de camino entre el ${numeral} y el ${next}`,
  nearly: (next) => `casi en el ${next}`,
}

export const spanishRelay: RelayWords = {
  told: {
    standing:
      'En la marca del fondo hay un reloj para cada equipo. Cuando te llamen, corre hasta él, pon la hora y vuelve.',
    seated: 'Cada equipo pasa un reloj de mano en mano. Cuando te llamen, pon la hora.',
  },
  set: (names, time) => `${names}: poned ${time}.`,
  walk: 'Esta vez, andando.',
}

export const spanishCards: CardsWords = {
  told: {
    standing: 'Cada uno tiene una tarjeta con una hora. Los relojes están por la sala.',
    seated: 'Cada uno tiene una tarjeta con una hora. Los relojes están en la mesa.',
  },
  clock: {
    standing: 'Poneos junto al reloj que marca vuestra hora.',
    seated: 'Poned vuestra tarjeta junto al reloj que marca vuestra hora.',
  },
  inTurn: 'Decid vuestras horas, una tras otra.',
  order: {
    standing: 'Poneos en orden, como giran las agujas desde el doce.',
    seated: 'Poned las tarjetas en orden, como giran las agujas desde el doce.',
  },
  inOrder: 'Este es el orden.',
  partner: 'Buscad a quien tiene la misma hora que vosotros.',
  together: 'Estas van juntas.',
  swap: 'Cambiad vuestra tarjeta con alguien.',
  whyDeal: (pairs) =>
    `Antes, repartid de nuevo: las ${pairs} primeras tarjetas con palabras y los relojes con los mismos números. Quien sobre, llama con quien dirige el juego.`,
  card: (number) => `Tarjeta ${number}`,
}

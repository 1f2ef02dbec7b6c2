import type { WordsByActivity } from '../../types'

export const spanishDayGames: WordsByActivity = {
  'follow-the-trail': {
    name: 'Pista',
    steps: [
      'Una página para dos. Empezar en el reloj rodeado.',
      'Decir la hora, avanzar los minutos impresos y buscar ese reloj.',
      'Unirlos de centro a centro. Sale un dibujo si cada paso es correcto.',
    ],
    say: '¿Qué hora es tanto más tarde?',
    lookFor: 'Donde se pierde la línea: el paso de antes enseña el error.',
    easier: 'Uno lee, el otro gira un reloj.',
    harder: 'Recorrer la pista hacia atrás, cada vez más temprano.',
  },
  'minute-hops': {
    name: 'Saltos de minutos',
    steps: [
      'Recortar las tarjetas antes. Un reloj está a la vista, cada uno tiene algunos en la mano.',
      'Quien tiene el reloj de tantos minutos más tarde lo pone y dice las dos horas.',
      'Quien no puede poner saca una tarjeta.',
    ],
    say: 'Di la que está y luego la tuya.',
    lookFor: 'La hora cambia cuando toca.',
    easier: 'Girar un reloj para encontrarla.',
    harder: 'Poner también en el otro extremo: tantos minutos más temprano.',
  },
  'two-halves-cards': {
    name: 'Dos mitades de un día',
    steps: [
      'Recortar las tarjetas antes. Dos montones: antes y después del mediodía.',
      'Sacar por turnos, decir qué se hace y cuándo, y ponerla en su montón.',
      'Algunas pueden ir en los dos. De esas se habla.',
    ],
    say: '¿Podría ser también en la otra mitad?',
    lookFor: 'El mediodía y la medianoche se llaman por su nombre.',
    easier: 'Solo comidas.',
    harder: 'Ordenar cada montón por la hora.',
  },
  'pair-24-hours': {
    name: 'Un día en 24 horas',
    steps: [
      'Recortar las tarjetas antes. Ponerlas en el orden del día.',
      'Señalar una por turnos: decirla con mañana o tarde, y luego como en un día de 24 horas.',
      'Darle la vuelta: ¿es así?',
    ],
    say: '¿Doce y cuántas más?',
    lookFor: 'La tarde son doce más, no diez.',
    easier: 'Solo de la una a las seis de la tarde.',
    harder: 'Decir solo la hora de 24; ¿quién la señala?',
  },
  'strip-for-the-wall': {
    name: 'Una tira de relojes para la pared',
    steps: [
      'Recortar la tira antes y repartir los trozos.',
      '¿Dónde va tu trozo? Ponerse en el orden del día.',
      'Pegar la tira en la pared y leerla de izquierda a derecha.',
      'Buscar qué toca ahora y qué viene después.',
    ],
    say: 'Mira nuestro reloj de verdad. ¿Dónde estamos en la tira?',
    lookFor: 'Comparan el reloj de verdad con el dibujado.',
    easier: 'Solo los trozos de antes del mediodía.',
    harder: 'Contar el día al revés.',
  },
  'lay-a-day-in-order': {
    name: 'Un día para poner en orden',
    steps: [
      'Recortar las tarjetas antes y mezclarlas.',
      'Sacar una por turnos, leer su reloj y ponerla en su sitio entre las demás.',
      'Al final, leer todo el día en voz alta.',
    ],
    say: '¿Antes de cuál va?',
    lookFor: 'Decide la hora, no la costumbre.',
    easier: 'Solo cuatro tarjetas.',
    harder: 'Quitar una; ¿quién dice cuál falta?',
  },
  'trail-through-a-day': {
    name: 'Pista por un día',
    steps: [
      'Una página para cada niño. Empezar donde empieza el día.',
      'Buscar el reloj de lo que viene después y unir los dos.',
      'Contar el día siguiendo la línea.',
    ],
    say: '¿Qué hacemos después, y cuándo?',
    lookFor: 'Quién piensa solo en el día y no mira los relojes.',
    easier: 'Leer el día mientras dibujan.',
    harder: 'Empezar por el final.',
  },
  'bingo-of-a-day': {
    name: 'Bingo de un día',
    steps: [
      'Un cartón para cada niño y un puñado de fichas.',
      'Decir algo que se hace; todos dicen cuándo y cubren el reloj.',
      'Una fila llena se vuelve a leer.',
    ],
    say: '¿Cuándo es eso en nuestro día?',
    lookFor: 'Se busca el reloj, no se adivina por el sitio.',
    easier: 'Decir también la hora.',
    harder: 'Decir lo que va antes.',
  },
  'line-of-the-day': {
    name: 'Una línea del día',
    steps: [
      'Dibujar una línea larga, en un rollo de papel o en el suelo. Marcar las horas en punto, con un reloj pequeño en cada una.',
      'Dibujar encima lo que pasa: levantarse, jugar, comer.',
      'Enseñar con saltos cuánto va de una cosa a otra.',
    ],
    say: '¿Dónde estamos ahora en la línea?',
    lookFor: 'Los saltos paran en las horas en punto.',
    easier: 'Solo las horas de la mañana.',
    harder: 'Quitar una cosa y ponerla hora y media más tarde.',
    onRung: {
      rounding: {
        steps: [
          'Dibujar una línea larga, en un rollo de papel o en el suelo: una hora, una marca cada cinco minutos.',
          'Poner un punto donde está la hora que se dice.',
          'Dibujar una flecha del punto a la marca más cercana.',
        ],
        say: '¿De qué marca está más cerca?',
        lookFor: 'Desde 58 la flecha va a la hora siguiente.',
        easier: 'Primero, marcas de diez en diez.',
        harder: '¿Qué puntos irían todos a esta marca?',
      },
    },
  },
}

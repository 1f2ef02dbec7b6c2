import type { WordsByActivity } from '../../types'

export const spanishGames: WordsByActivity = {
  'toss-a-time': {
    name: 'Lanzar y llenar',
    steps: [
      'Recortar, doblar y pegar el dado antes. Poner el tablero en el medio.',
      'Lanzar por turnos, decir la hora del dado y poner una ficha en un reloj que la marque.',
      'Si todos sus relojes están ocupados, se pierde el turno. El tablero acaba cuando no queda nada libre.',
    ],
    say: 'Dila antes de buscarla.',
    lookFor: 'El reloj se encuentra por la aguja corta tanto como por la larga.',
    easier: 'Buscar juntos.',
    harder: 'Cubrir los relojes cuya hora dijo mal el otro jugador.',
  },
  'twirl-a-time': {
    name: 'Girar y llenar',
    steps: [
      'Sujetar un lápiz derecho en el centro de la ruleta, con un clip alrededor de la punta.',
      'Girar el clip por turnos, decir la hora que señala y cubrir un reloj que la marque.',
      'El tablero acaba cuando no queda nada libre.',
    ],
    say: '¿Qué relojes del tablero marcan lo mismo?',
    lookFor: 'Miran las agujas, no solo el lugar de la última vez.',
    easier: 'Encontrar primero el reloj y luego decirlo.',
    harder: 'Decir la hora media hora más tarde.',
  },
  'turn-up-pairs': {
    name: 'Levantar parejas',
    steps: [
      'Recortar las tarjetas antes. Ponerlas boca abajo en filas.',
      'Levantar dos por turnos y leer las dos en voz alta. Un reloj y sus palabras son pareja.',
      'Si no lo son, se vuelven a tapar; los demás las recuerdan.',
    ],
    say: 'Di lo que ves antes de levantar la segunda.',
    lookFor: 'Se leen las dos tarjetas, también cuando no van juntas.',
    easier: 'Empezar boca arriba.',
    harder: 'Antes de levantar, decir qué se busca y dónde.',
  },
  'clock-dominoes': {
    name: 'Dominó',
    steps: [
      'Recortar las fichas antes y repartirlas.',
      'Poner por turnos, un reloj junto a su hora. Decirla en voz alta.',
      'Quien no puede poner dice qué hora necesitaría.',
    ],
    say: '¿Qué hora iría aquí?',
    lookFor: 'Se lee el final de la fila antes de probar una ficha.',
    easier: 'Jugar con las fichas a la vista.',
    harder: 'Poner en los dos extremos por turnos.',
  },
  'clock-bingo': {
    name: 'Bingo de relojes',
    steps: [
      'Un cartón para cada niño y un puñado de fichas.',
      'Sacar una hora y leerla dos veces. Quien tiene su reloj lo cubre.',
      'Con una fila llena, el niño avisa y vuelve a leer sus horas.',
    ],
    say: 'Léeme tu fila.',
    lookFor: 'Quién cubre un reloj que casi es.',
    easier: 'Enseñar el reloj después de leerla.',
    harder: 'Un niño canta las horas.',
  },
  'loop-of-cards': {
    name: 'Tarjetas en cadena',
    steps: [
      'Recortar las tarjetas antes y repartirlas todas; no hace falta que todos tengan las mismas.',
      'Un niño lee: «Tengo… ¿Quién tiene…?» Sigue quien tiene ese reloj.',
      'La cadena se cierra en la primera tarjeta. Luego otra vez, un poco más rápido.',
    ],
    say: 'Todos miran: ¿es la tuya?',
    lookFor: 'Cada niño mira cada vez, no solo en su turno.',
    easier: 'Dos niños comparten sus tarjetas.',
    harder: 'Cambiar las tarjetas antes de la segunda ronda.',
  },
  'halves-that-fit': {
    name: 'Mitades de rompecabezas',
    steps: [
      'Recortar las mitades antes. Poner los relojes en un sitio y las horas en otro.',
      'Tomar una mitad, decir qué marca y buscar la otra.',
      'Solo encajan las correctas: no hace falta preguntar.',
    ],
    say: 'Antes de probar el borde: ¿encajará?',
    lookFor: 'Primero leen y después prueban el borde.',
    easier: 'Seis mitades cada vez.',
    harder: 'Girar los bordes hacia fuera y unir solo leyendo.',
  },
  'fold-and-open': {
    name: 'Pliega y elige',
    steps: [
      'Recortar y plegar el cuadrado antes, como muestran sus dibujos.',
      'Elegir un reloj de fuera y decir su hora. Abrir y cerrar tantas veces como diga la hora.',
      'Elegir una hora de dentro, decir adónde apuntan las agujas y levantar la solapa para mirar.',
    ],
    say: 'Di adónde apuntan las agujas antes de levantarla.',
    lookFor: 'Primero piensan en el reloj y después levantan la solapa.',
    easier: 'Levantar la solapa y leer el reloj juntos.',
    harder: 'Mostrar la hora con los brazos antes de levantar la solapa.',
  },
  'compose-with-cards': {
    name: 'Formar una hora con tarjetas',
    steps: [
      'Recortar las tarjetas antes: las horas en un montón, los minutos en otro.',
      'Decir una hora. Por turnos, poner la tarjeta de la hora y la de los minutos.',
      'Luego al revés: sacar una de cada y decir la hora que forman.',
    ],
    say: '¿Qué tarjeta dice la hora?',
    lookFor: 'En el lado «menos» se toma la hora que viene.',
    easier: 'La hora ya está puesta.',
    harder: 'Poner el reloj en lo que ha salido.',
  },
  'choose-your-move': {
    name: 'Elegir un movimiento',
    steps: [
      'Se enseña un reloj con dos o tres horas, cada una con su movimiento.',
      'Cada uno hace el movimiento de la hora que cree correcta.',
      'Luego se dice la razón, y todos hacen juntos el correcto.',
    ],
    say: '¿Por qué lo elegiste?',
    lookFor: 'Quién espera a ver lo que hacen los demás.',
    easier: 'Dos horas para elegir, sin temporizador.',
    harder: 'Tres horas, una de ellas muy cerca.',
  },
}

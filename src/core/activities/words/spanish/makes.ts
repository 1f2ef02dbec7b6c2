import type { WordsByActivity } from '../../types'

export const spanishMakes: WordsByActivity = {
  'wear-a-clock': {
    name: 'Llevar un reloj',
    steps: [
      'Medir cada muñeca con una tira de papel y tener ya hechos los agujeros y las ranuras.',
      'Cada niño recorta la correa y las agujas, las une y se pone el reloj.',
      'Decir una hora de la lista. Cada uno la pone y la marca cuando un compañero está de acuerdo.',
    ],
    say: '¿Qué aguja pones primero?',
    lookFor: 'La aguja corta está donde la hora la necesita, no solo en un número.',
    easier: 'Al principio solo la aguja corta.',
    harder: 'Poner la hora de lo que viene después.',
  },
  'stand-a-clock': {
    name: 'Un reloj en la mesa',
    steps: [
      'Tener ya hechos los agujeros. Cada niño recorta, une las agujas, pliega y pega el tirante.',
      'Poner los relojes de modo que los vea un compañero.',
      'Uno lee una hora de la lista y el otro la pone; marcarla y cambiar.',
    ],
    say: 'Muéstralo para que tu compañero pueda leerlo.',
    lookFor: 'El compañero lee la hora sin que se la digan.',
    easier: 'Ponerla juntos, cada uno una aguja.',
    harder: 'Poner una hora un cuarto de hora más tarde.',
  },
  'ring-round-a-clock': {
    name: 'Un anillo de cinco',
    steps: [
      'Recortar el anillo y ponerlo alrededor del reloj, el 60 en el 12.',
      'Señalar la aguja larga y contar de cinco en cinco hasta ella: por un lado los pasados, por el otro los que faltan.',
      'Quitar el anillo y hacerlo otra vez.',
    ],
    say: '¿Cuántos son sin el anillo?',
    lookFor: 'Siguen contando desde 15 o 30, no cada vez desde 5.',
    easier: 'Solo el primer lado.',
    harder: 'Girar el anillo: el 60 donde empiezas, y contar cuánto dura.',
  },
  'slide-to-the-minutes': {
    name: 'Deslizar hasta los minutos',
    steps: [
      'Recortar antes la tira, el cursor y las tarjetas, y pasar la tira.',
      'Descubrir un reloj. Deslizar el cursor hasta donde está su aguja larga.',
      'Decir cuántos minutos han pasado y cuántos faltan. Mirar la tarjeta de control.',
    ],
    say: '¿Cuántos han pasado? ¿Cuántos faltan?',
    lookFor: 'Los pasados y los que faltan suman sesenta.',
    easier: 'Solo relojes con la aguja larga en el primer lado.',
    harder: 'Decir los minutos antes de deslizar.',
  },
  'turn-the-window': {
    name: 'El reloj en la ventana',
    steps: [
      'Hacer antes la rueda, como muestran sus dibujos.',
      'Girar por turnos hasta ver un reloj en la ventana y decir su hora.',
      'Levantar la solapa y mirar. Mostrar la hora con los brazos.',
    ],
    say: 'Dila antes de levantar la solapa.',
    lookFor: 'Leen las dos agujas y no esperan a la solapa.',
    easier: 'Levantar primero la solapa y descubrir por qué.',
    harder: 'Decir qué mostrará el reloj media hora más tarde.',
  },
  'spin-two-tops': {
    name: 'Dos peonzas',
    steps: [
      'Recortar antes las dos peonzas y pasar un lápiz corto por cada una.',
      'Hacerlas girar por turnos. Decir la hora del reloj y la hora en palabras.',
      '¿Son iguales? Tomar una ficha. Gana quien tiene tres primero.',
    ],
    say: '¿Cuál de las dos es más tarde?',
    lookFor: 'Dicen las dos horas antes de comparar.',
    easier: 'Hacer girar solo la peonza de los relojes.',
    harder: 'Decir cuánto hay de una hora a la otra.',
  },
  'two-flicks': {
    name: 'Dos golpecitos, una hora',
    steps: [
      'Sujetar un lápiz derecho en el centro, con un clip alrededor de la punta.',
      'Un golpecito para la hora y otro para los minutos.',
      'Poner la hora en un reloj y decirla. El siguiente jugador la comprueba.',
    ],
    say: '¿Dónde está la aguja corta cuando han pasado tantos minutos?',
    lookFor: 'La aguja corta avanza con los minutos.',
    easier: 'Dejar la aguja corta a un compañero.',
    harder: 'Decirla también de otra manera.',
  },
  'piece-a-clock': {
    name: 'Un reloj en piezas',
    steps: [
      'Recortar antes las piezas, las agujas y las tarjetas.',
      'Volver a montar el reloj.',
      'Descubrir una tarjeta por turnos y poner las agujas para que el reloj muestre su hora.',
    ],
    say: '¿Qué número está al lado de esta pieza?',
    lookFor: 'Los números se conocen por su sitio: 12 arriba, 6 abajo, 3 y 9 a los lados.',
    easier: 'Empezar por las piezas del 12, el 3, el 6 y el 9.',
    harder: 'Montarlo con lo impreso hacia abajo.',
  },
}

import type { WordsByActivity } from '../../types'

export const spanishKeepsakes: WordsByActivity = {
  'clock-book-page': {
    name: 'Una página para mi libro de relojes',
    steps: [
      'Separar las páginas. Cada niño escribe la fecha en una.',
      'Leer el reloj de la izquierda y dibujar las agujas en el de al lado.',
      'Dibujar lo que haces a esa hora y contárselo a otro niño.',
    ],
    say: '¿Qué haces a la hora que has dibujado?',
    lookFor: 'La aguja corta está dibujada donde los minutos la necesitan.',
    easier: 'Mostrar primero la hora en un reloj de verdad y luego dibujarla.',
    harder: 'Escribir debajo del dibujo cuánto dura.',
  },
  'strip-that-grows': {
    name: 'Una tira que crece',
    steps: [
      'Cada niño recorta las tiras, las pega una tras otra y dobla las palabras hacia atrás.',
      'Leer un reloj de la tira a otro niño, luego levantarla y mirar.',
      'Colgar la tira a la altura de los ojos de los niños. El paso siguiente se pega cuando llega.',
    ],
    say: '¿Cuál de tus relojes fue el más difícil?',
    lookFor: 'Primero leen y después miran.',
    easier: 'Leer dos relojes y luego mirar los dos.',
    harder: 'Leer la tira de derecha a izquierda, lo más rápido posible sin equivocarse.',
  },
  'read-for-the-certificate': {
    name: 'Leer para el diploma',
    steps: [
      'Cada niño lee los relojes del diploma a alguien que todavía no los ha oído.',
      'Quien ha escuchado escribe su nombre en la línea.',
      'Colorear los 60 minutos alrededor de la página, de cinco en cinco.',
    ],
    say: '¿Cómo supiste qué hora era?',
    lookFor: 'Cada reloj se lee sin ayuda. Si no, guardar la página y seguir jugando.',
    easier: 'Elegir dos de los relojes.',
    harder: 'Decir cada hora también de otra manera.',
  },
}

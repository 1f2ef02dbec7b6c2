import type { WordsByActivity } from '../../types'

export const spanishMoving: WordsByActivity = {
  'turn-like-the-hands': {
    name: 'Girar como las agujas',
    steps: [
      'Ponerse en círculo, mirando al centro. El adulto está en el 12.',
      'Numerarse desde el 12, como va un reloj. Cada uno dice su número.',
      'Andar como giran las agujas, un lugar a cada palmada. Al decir «alto», cada uno dice dónde está.',
      'Ahora un niño da la vuelta por fuera como aguja; los demás dicen cada número por el que pasa.',
    ],
    say: '¿Quién va después del 12?',
    lookFor: 'El sentido es correcto, estén donde estén.',
    easier: 'Darse la mano y girar juntos.',
    harder: 'Decir un número; la aguja se para justo después de él o casi en él.',
  },
  'balance-the-clock': {
    name: 'Reloj en equilibrio',
    steps: [
      'Un brazo de distancia alrededor, una mano a la que agarrarse para quien quiera.',
      'Sobre una pierna, el brazo largo arriba: 12. Luego 3, un cuarto de vuelta; 6, media vuelta; 9, tres cuartos.',
      'Cambiar de pierna cada vez. Sacudir brazos y piernas entre medias.',
    ],
    say: '¿Cuánto ha girado el brazo largo?',
    lookFor: 'El brazo va como el reloj, no por el camino más corto.',
    easier: 'Con los dos pies, o sentados.',
    harder: 'Sin orden, también la media.',
  },
  'hours-in-a-walk': {
    name: 'Recorrer las horas',
    steps: [
      'La aguja larga se queda en el 12. Llevar la corta de número en número.',
      'En cada número, el grupo dice junto la hora entera.',
      'Luego sin orden, con dos preguntas por turnos: «¿Qué hora es?» y «¿Me puedes decir la hora, por favor?»',
    ],
    say: '¿A qué número ha llegado la aguja corta?',
    lookFor: 'Dicen «en punto» con la hora.',
    easier: 'Solo en orden.',
    harder: 'Un niño lleva la aguja y pregunta.',
    onRung: {
      'hour-hand': {
        steps: [
          'Una sola aguja. Llevarla de número en número.',
          'En cada número, el grupo dice «justo» y la hora; entre dos números, la hora que ha dejado.',
          'Luego sin orden: «¿Dónde está la aguja?»',
        ],
        lookFor: 'Entre dos números se nombra la hora pasada.',
      },
    },
  },
  'relay-of-hours': {
    name: 'Relevo de las horas',
    steps: [
      'Equipos detrás de una línea, un reloj para cada uno al otro lado.',
      'Se dice una hora. El primero de cada equipo va, la pone y vuelve al final de la fila.',
      'Todos comprueban juntos. Cuenta lo correcto, no quien llega primero.',
    ],
    say: '¿Qué pusiste primero?',
    lookFor: 'Se ponen las dos agujas, también la corta.',
    easier: 'Ir de dos en dos.',
    harder: 'Cada equipo pone media hora más tarde.',
  },
  'wear-your-time': {
    name: 'Llevar tu hora',
    steps: [
      'Recortar las chapas antes y sujetar una a cada niño; nada al cuello.',
      'Decir una hora; quien la lleva se adelanta y dice cómo lo supo.',
      'Luego ponerse en fila por la hora, de temprano a tarde, sin hablar.',
    ],
    say: '¿Quién está justo antes que tú?',
    lookFor: 'Vuelven a leer su chapa y no solo siguen a los demás.',
    easier: 'Decir las horas en orden.',
    harder: 'Cambiar las chapas a la mitad.',
  },
  'jump-through-a-day': {
    name: 'Saltar por el día',
    steps: [
      'Marcar un centro y cuatro cuartos, con cinco cosas para reconocerlos.',
      'Contar un día en ocho horas. En cada hora, saltar a su cuarto y volver.',
      'Contarlo otra vez sin los lugares: saltan adonde era.',
    ],
    say: 'Son las nueve de la noche. ¿Adónde saltamos?',
    lookFor: 'Saben que el mismo cuarto viene dos veces al día.',
    easier: 'Un paso en vez de un salto; solo cuatro horas.',
    harder: 'Ponerse de cara a otro lado.',
  },
  'step-the-minutes': {
    name: 'Contar los minutos a pasos',
    steps: [
      'Dibujar una línea de doce pasos, cinco minutos cada uno; una cruz donde empieza una hora nueva.',
      'Un niño está en una hora. Decir cuánto más tarde es, o cuánto dura algo.',
      'Anda contando en voz alta de cinco en cinco y para en la cruz para decir la hora nueva.',
    ],
    say: 'Estás en la hora en punto. ¿Cuántos pasos más?',
    lookFor: 'El primer paso se cuenta cuando el pie está en el suelo.',
    easier: 'Sin hora en punto en medio.',
    harder: 'Hacia atrás: son las dos y diez; ¿dónde estabas hace un cuarto de hora?',
    onRung: {
      minute: {
        steps: [
          'Dibujar una línea de doce pasos, cinco minutos cada uno.',
          'Decir un número de minutos. Un niño anda hasta el múltiplo de cinco de antes y sigue pie ante pie, de uno en uno.',
          'Los demás dicen la hora entera.',
        ],
        say: '¿Qué múltiplo de cinco acabas de pasar?',
        lookFor: 'El primer pasito cuenta uno, no el lugar donde están.',
        easier: 'Solo hasta la media.',
      },
      rounding: {
        steps: [
          'Dibujar una línea de doce pasos, cinco minutos cada uno.',
          'Decir un número de minutos. Un niño anda hasta donde está entre dos marcas.',
          'Saltar a la marca más cercana y decir su número.',
        ],
        say: '¿Qué marca está más cerca?',
        lookFor: 'Desde 58 saltan a la hora siguiente.',
        harder: 'Decir la hora entera antes y después.',
      },
    },
  },
  'freeze-at-the-hour': {
    name: 'Estatuas',
    steps: [
      'Moverse en el sitio, rápido o despacio según se diga.',
      'Al decir «estatua», quedarse quietos como un reloj parado.',
      'Beber agua.',
    ],
    say: 'Tic, tic, tic… estatua.',
    lookFor: 'La respiración está tranquila antes de sentarse.',
    easier: 'Sentados: solo se mueven los brazos.',
    harder: 'Quedarse como las agujas de una hora que se dice.',
  },
  'laps-for-the-hour': {
    name: 'Vueltas',
    steps: [
      'Poner dos cosas separadas. Se dice una hora: tantas vueltas entre ellas.',
      'Andar después de cada carrera, según se diga.',
      'Beber agua.',
    ],
    say: 'Las cuatro: cuatro vueltas.',
    lookFor: 'Nadie compite; quien ha acabado aplaude a los demás.',
    easier: 'Andar, o ir la mitad de lejos.',
    harder: 'Un niño saca el número.',
  },
}

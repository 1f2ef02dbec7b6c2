import type { HomePhrases } from '../home'

export const spanishHome: HomePhrases = {
  'Telling the time: {0}': 'Leer el reloj: {0}',
  'This is what {0} can do now:': 'Esto sabe hacer {0} ahora:',
  'This is what comes next:': 'Esto viene después:',
  '{0} has begun to look at clocks. Everything is still to come.':
    '{0} ha empezado a mirar relojes. Todo lo demás está por venir.',
  'Something to play together': 'Algo para jugar juntos',
  'The pages for it are with this note.': 'Las páginas para ello van con esta nota.',
  'A few minutes are enough. Stop while it is still fun.': 'Bastan unos minutos. Parar mientras todavía es divertido.',
  'note home': 'nota para casa',
  'name the parts of a clock, and show which way the hands turn':
    'nombrar las partes de un reloj y enseñar hacia dónde giran las agujas',
  'say where the short hand is: at an hour, just after it, halfway or nearly at the next':
    'decir dónde está la aguja corta: justo en una hora, poco después, a la mitad o casi en la siguiente',
  'read and set whole hours, such as three o’clock': 'leer y poner las horas en punto, como las tres',
  'read and set half past': 'leer y poner las medias',
  'count the minutes round the clock in fives': 'contar los minutos alrededor del reloj de cinco en cinco',
  'read and set the quarters of an hour': 'leer y poner los cuartos de hora',
  'read minutes past the hour, in fives': 'leer los minutos después de la hora, de cinco en cinco',
  'read minutes to the next hour, in fives': 'leer los minutos que faltan para la hora siguiente, de cinco en cinco',
  'read the clock to the very minute': 'leer el reloj exacto al minuto',
  'write the time in figures, and match it to a clock': 'escribir la hora en cifras y emparejarla con un reloj',
  'tell morning from afternoon and evening by the clock': 'distinguir en el reloj la mañana, la tarde y la noche',
  'say the hours of the afternoon on a day of 24 hours': 'decir las horas de la tarde en un día de 24 horas',
  'round a time to the nearest five minutes': 'redondear una hora a los cinco minutos más cercanos',
  'say what time it will be some minutes later, or was some minutes before':
    'decir qué hora será unos minutos más tarde, o era unos minutos antes',
  'say how long something lasts, from its beginning to its end': 'decir cuánto dura algo, del principio al final',
  'say when to start so as to be ready in time': 'decir cuándo hay que empezar para acabar a tiempo',
  'read a plan of the day and show its times on a clock': 'leer el plan de un día y enseñar sus horas en un reloj',
}

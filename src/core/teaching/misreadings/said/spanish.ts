import type { Said } from './said'

export const spanishSaid: Said = {
  'look-again': 'Vamos a mirarlo otra vez juntos.',
  'swapped-hands': 'Tapa la aguja larga. ¿Qué dice sola la corta, la gruesa? Y ahora la larga.',
  'next-hour': '¿Qué número ha dejado atrás la aguja corta? La hora se llama así hasta que llega al siguiente.',
  'hour-just-gone': 'Cuando decimos «menos», nombramos la hora que viene. Señala hacia dónde va la aguja corta.',
  'numeral-as-minutes': 'Contad juntos de cinco en cinco desde el 12, tocando cada número.',
  'quarter-as-25':
    'Dobla el círculo por la mitad y otra vez por la mitad. ¿Cuántos minutos tiene una de las cuatro partes?',
  'past-for-to':
    'Lleva el dedo del 12 a la aguja larga por el camino corto. Bajando por la derecha es «y»; subiendo por la izquierda es «menos».',
  'wrong-way': 'Señala el 12 y gira el dedo como van las agujas. ¿Qué lado viene primero?',
  'hour-only': 'La aguja corta ya ha dicho lo suyo. ¿Qué añade la larga?',
  'minutes-only-fives': 'El 12 es la salida: di «cero» ahí y empieza los cincos en el 1.',
  'one-mark-out': 'Empieza en el último cinco que ha pasado y salta cada espacio: un espacio es un minuto.',
  'marks-left-out': '¿Qué cinco acaba de pasar la aguja larga? Sigue contando: uno por cada marca pequeña.',
  'before-for-after': 'Gira la aguja despacio. ¿Ya ha pasado por ese número o todavía va de camino?',
  'on-the-number': '¿Está la aguja justo en el número o ya lo ha pasado? ¿Cuánto?',
  'second-for-minute': 'Mira un momento un reloj de verdad. ¿Qué aguja da la vuelta deprisa? Esa cuenta los segundos.',
  'bare-digit': 'Después de los dos puntos hay siempre dos sitios. ¿Cuál está vacío?',
  sixty: 'Arriba empieza una hora nueva y se vuelve a contar desde cero.',
  'zero-after': 'El primer sitio después de los dos puntos cuenta las decenas. ¿Cuántas decenas hay en cinco?',
  'parked-hour':
    'Gira un reloj de verdad desde una hora en punto y mira cómo avanza la aguja corta. ¿Dónde está a la media?',
  'both-on-numeral': 'A la hora en punto, la aguja larga descansa en el 12. Solo la corta señala el número.',
  'swapped-set': 'La corta para las horas, la larga para los minutos. Dilo al tocar cada aguja.',
  'base-100': 'Salta primero a la siguiente hora en punto. ¿Cuántos minutos son? Después las horas y luego el resto.',
  'no-bridge': 'Mira la aguja corta cuando la larga pasa por el 12. ¿Qué hora es ahora?',
  'minutes-shown':
    'El reloj dice cuándo empezamos. Empieza ahí y salta a la siguiente hora en punto: ¿cuántos minutos tiene el salto?',
  'other-five': '¿Cuántas marcas hay hasta el cinco de antes y cuántas hasta el de después? Gana el que tiene menos.',
  'fence-post': 'Pon un dedo en la salida y no digas nada. Cuenta uno cuando el dedo haya saltado.',
  'counted-forward': 'Señala con el dedo hacia dónde va la aguja larga: ¿es antes o después?',
  'step-left-out': 'Pon una ficha por cada cosa que hay que hacer. ¿Está cada ficha en la suma?',
  'noon-midnight': 'Recorre el día en dos vueltas del reloj. ¿En qué vuelta estás cuando pasa esto?',
  'adds-ten': 'Después del 12 seguimos contando: 13 es 12 y 1 más. ¿Cuánto más que 12 es esto?',
  'wrong-row': 'Pon una regla debajo de la fila antes de leerla.',
}

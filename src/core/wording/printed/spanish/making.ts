import type { MakingPhrases, YardPhrases } from '../making'

export const spanishMaking: MakingPhrases = {
  'My clock': 'Mi reloj',
  'My clock, part {0} of {1}': 'Mi reloj, parte {0} de {1}',
  '{0} · face {1} mm · hole {2} mm': '{0} · esfera {1} mm · agujero {2} mm',
  'middle circle, {0} mm': 'círculo central, {0} mm',
  'hub, {0} mm': 'pieza central, {0} mm',
  'minute hand: cut to here, {0} mm': 'aguja de los minutos: cortar hasta aquí, {0} mm',
  'hour hand: cut to here, {0} mm': 'aguja de las horas: cortar hasta aquí, {0} mm',
  'hour hand, {0} mm from the hole': 'aguja de las horas, {0} mm desde el agujero',
  'minute hand, {0} mm from the hole': 'aguja de los minutos, {0} mm desde el agujero',
  'second hand, {0} mm from the hole': 'segundero, {0} mm desde el agujero',
  second: 'segundo',
  'for the adult': 'para el adulto',
  '{0}: 1 clock': '{0}: 1 reloj',
  '{0}: {1} clocks': '{0}: {1} relojes',
  'What you need': 'Preparar',
  Time: 'Tiempo',
  'In this order': 'En este orden',
  'Cutting: about {0} min a child.': 'Recortar: unos {0} min por niño.',
  'Your own minutes for the holes: about {0}.': 'Tu tiempo para los agujeros: unos {0} min.',
  'pages on {0} g/m²': 'páginas en papel de {0} g/m²',
  'backing, {0}': 'base, {0}',
  'minute hand {0} mm': 'aguja de los minutos {0} mm',
  'hour hand {0} mm': 'aguja de las horas {0} mm',
  'Print at 100 % and hold a ruler to the bar at the foot: it must be 100 mm.':
    'Imprimir al 100 % y medir la barra de abajo: debe tener 100 mm.',
  'Fold along the dashed lines, or cut the page in four.':
    'Doblar por las líneas discontinuas, o cortar la página en cuatro.',
  'Children draw: quarter marks first, then the hour marks between, then the numbers 12, 6, 3, 9, then the rest.':
    'Los niños dibujan: primero las marcas de los cuartos, luego las de las horas entre ellas, luego los números 12, 6, 3, 9, luego los demás.',
  'Children colour the face and the hands, a different colour for each hand.':
    'Los niños colorean la esfera y las agujas, cada aguja de un color distinto.',
  'Join the parts of the face: lay the dashed lines on each other and glue.':
    'Unir las partes de la esfera: poner las líneas discontinuas una sobre otra y pegar.',
  'Glue the face to the plate, in the middle of its flat part, and cut wide round it.':
    'Pegar la esfera en el centro de la parte plana del plato y recortar con margen.',
  'Glue the face to the backing and cut wide round it.': 'Pegar la esfera a la base y recortar con margen.',
  'Children cut out the parts, seated, with blunt-ended scissors.':
    'Los niños recortan las piezas, sentados, con tijeras de punta redonda.',
  'Lay the middle circle on the outer one, its marks between the numbers, and the hub on top of the hands.':
    'Poner el círculo central sobre el exterior, con sus marcas entre los números, y la pieza central encima de las agujas.',
  'An adult makes the {0} mm holes at the crosses, over an eraser.':
    'Un adulto hace los agujeros de {0} mm en las cruces, sobre una goma de borrar.',
  'An adult makes the {0} mm slits at the crosses, over an eraser.':
    'Un adulto hace las ranuras de {0} mm en las cruces, sobre una goma de borrar.',
  'Cut a pipe cleaner along each bar: {0}. Fold each end in. Press the dough on the middle and the wire into it.':
    'Cortar un limpiapipas a lo largo de cada barra: {0}. Doblar cada punta hacia dentro. Apretar la masa en el centro y meter el alambre en ella.',
  'Hour hand on the face, minute hand on top; join with {0}, {1} mm.':
    'La aguja de las horas sobre la esfera, la de los minutos encima; unir con: {0}, {1} mm.',
  'The hour hand on the face; join with {0}, {1} mm.': 'La aguja de las horas sobre la esfera; unir con: {0}, {1} mm.',
  'The minute hand on the face; join with {0}, {1} mm.':
    'La aguja de los minutos sobre la esfera; unir con: {0}, {1} mm.',
  'The hour hand on one face, the minute hand on the other; join with {0}, {1} mm.':
    'La aguja de las horas en una esfera, la de los minutos en la otra; unir con: {0}, {1} mm.',
  'Push the point into the eraser before a child holds the clock.':
    'Clavar la punta en la goma antes de que un niño coja el reloj.',
  'Check that 12 is at the top.': 'Comprobar que el 12 está arriba.',
  'Check that 12 is at the top and the hands turn.': 'Comprobar que el 12 está arriba y que las agujas giran.',
}

export const spanishYard: YardPhrases = {
  'Floor clock, radius {0}': 'Reloj del suelo, radio {0}',
  'set-out sheet': 'plano de trazado',
  'Radius and string {0} · round the ring {1} · on {2}': 'Radio y cuerda {0} · alrededor del anillo {1} · sobre {2}',
  'Markers: {0}.': 'Marcas: {0}.',
  'Markers: too few for the quarters; chalk them all.':
    'Marcas: no bastan para los cuartos; dibujarlas todas con tiza.',
  'Set out': 'Trazar',
  Check: 'Comprobar',
  Hands: 'Agujas',
  'Walk through': 'Recorrer',
  'Who stands where': 'Quién se pone dónde',
  'Centre: {0}. String of {1}.': 'Centro: {0}. Cuerda de {1}.',
  '{0}; from 12 to 3 is {1}.': '{0}; del 12 al 3 hay {1}.',
  '{0}: {1}. Count to 60 in fives.': '{0}: {1}. Contar hasta 60 de cinco en cinco.',
  'Square corner: {0} along the 12 line, {1} along the 3 line, {2} across.':
    'Ángulo recto: {0} por la línea del 12, {1} por la línea del 3, {2} de lado a lado.',
  'A marker may be {0} out of place; beyond that it reads half a minute off.':
    'Una marca puede estar {0} fuera de sitio; más allá se lee medio minuto mal.',
  'Long hand {0} (rope {1}), short hand {2} (rope {3}).': 'Aguja larga {0} (soga {1}), aguja corta {2} (soga {3}).',
  'In an hour of clock time the long hand’s child walks {0}, about {1} paces; the short hand’s {2}, about {3}.':
    'En una hora de reloj, el niño de la aguja larga anda {0}, unos {1} pasos; el de la corta {2}, unos {3}.',
  '{0}: long hand {1}, short hand {2}.': '{0}: aguja larga {1}, aguja corta {2}.',
  'at the {0}': 'en el {0}',
  'halfway from {0} to {1}': 'a mitad de camino del {0} al {1}',
  'a quarter of the way from {0} to {1}': 'a un cuarto de camino del {0} al {1}',
  'three quarters of the way from {0} to {1}': 'a tres cuartos de camino del {0} al {1}',
  'From the centre, facing 12': 'Desde el centro, mirando al 12',
  'on the line': 'en la línea',
  '{0} right': '{0} a la derecha',
  '{0} left': '{0} a la izquierda',
  level: 'a la altura del centro',
  '{0} ahead': '{0} delante',
  '{0} back': '{0} detrás',
  '12 faces the wall; you stand outside the ring by the 6 and read as the children do.':
    'El 12 mira a la pared; tú estás fuera del anillo, junto al 6, y lees como los niños.',
  '12 faces north; you stand outside the ring by the 6 and read as the children do.':
    'El 12 mira al norte; tú estás fuera del anillo, junto al 6, y lees como los niños.',
  '12 faces the children; you stand outside the ring by the 6 and read as the children do.':
    'El 12 mira a los niños; tú estás fuera del anillo, junto al 6, y lees como los niños.',
  'One child lies or walks as the long hand, one as the short hand; both turn about the centre.':
    'Un niño se tumba o anda como aguja larga, otro como aguja corta; los dos giran alrededor del centro.',
  'One child at the end of each hand walks it round; you or a third child holds the centre.':
    'Un niño en la punta de cada aguja la lleva alrededor; tú u otro niño sujeta el centro.',
  '1 child stands outside the ring, spread out; the running lane between stays clear.':
    '1 niño se queda fuera del anillo; el pasillo entre ambos queda libre.',
  '{0} children stand outside the ring, spread out; the running lane between stays clear.':
    '{0} niños se quedan fuera del anillo, repartidos; el pasillo entre ambos queda libre.',
}

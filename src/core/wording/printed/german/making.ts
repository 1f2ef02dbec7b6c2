import type { MakingPhrases, YardPhrases } from '../making'

export const germanMaking: MakingPhrases = {
  'My clock': 'Meine Uhr',
  'My clock, part {0} of {1}': 'Meine Uhr, Teil {0} von {1}',
  '{0} · face {1} mm · hole {2} mm': '{0} · Zifferblatt {1} mm · Loch {2} mm',
  'middle circle, {0} mm': 'mittlerer Kreis, {0} mm',
  'hub, {0} mm': 'Nabe, {0} mm',
  'minute hand: cut to here, {0} mm': 'Minutenzeiger: bis hier schneiden, {0} mm',
  'hour hand: cut to here, {0} mm': 'Stundenzeiger: bis hier schneiden, {0} mm',
  'hour hand, {0} mm from the hole': 'Stundenzeiger, {0} mm vom Loch',
  'minute hand, {0} mm from the hole': 'Minutenzeiger, {0} mm vom Loch',
  'second hand, {0} mm from the hole': 'Sekundenzeiger, {0} mm vom Loch',
  second: 'Sekunde',
  'for the adult': 'für Erwachsene',
  '{0}: 1 clock': '{0}: 1 Uhr',
  '{0}: {1} clocks': '{0}: {1} Uhren',
  'What you need': 'Holen',
  Time: 'Zeit',
  'In this order': 'In dieser Reihenfolge',
  'Cutting: about {0} min a child.': 'Schneiden: etwa {0} min je Kind.',
  'Your own minutes for the holes: about {0}.': 'Ihre Zeit für die Löcher: etwa {0} min.',
  'pages on {0} g/m²': 'Seiten auf Papier mit {0} g/m²',
  'backing, {0}': 'Unterlage, {0}',
  'minute hand {0} mm': 'Minutenzeiger {0} mm',
  'hour hand {0} mm': 'Stundenzeiger {0} mm',
  'Print at 100 % and hold a ruler to the bar at the foot: it must be 100 mm.':
    'Mit 100 % drucken und ein Lineal an den Strich unten halten: Er muss 100 mm lang sein.',
  'Fold along the dashed lines, or cut the page in four.':
    'An den gestrichelten Linien falten oder die Seite in vier Teile schneiden.',
  'Children draw: quarter marks first, then the hour marks between, then the numbers 12, 6, 3, 9, then the rest.':
    'Die Kinder zeichnen: zuerst die Viertelstriche, dann die Stundenstriche dazwischen, dann die Zahlen 12, 6, 3, 9, dann die übrigen.',
  'Children colour the face and the hands, a different colour for each hand.':
    'Die Kinder malen das Zifferblatt und die Zeiger an, jeden Zeiger in einer anderen Farbe.',
  'Join the parts of the face: lay the dashed lines on each other and glue.':
    'Die Teile des Zifferblatts verbinden: die gestrichelten Linien aufeinanderlegen und kleben.',
  'Glue the face to the plate, in the middle of its flat part, and cut wide round it.':
    'Das Zifferblatt mitten auf die flache Stelle des Tellers kleben und mit Abstand ausschneiden.',
  'Glue the face to the backing and cut wide round it.':
    'Das Zifferblatt auf die Unterlage kleben und mit Abstand ausschneiden.',
  'Children cut out the parts, seated, with blunt-ended scissors.':
    'Die Kinder schneiden die Teile im Sitzen mit stumpfen Scheren aus.',
  'Lay the middle circle on the outer one, its marks between the numbers, and the hub on top of the hands.':
    'Den mittleren Kreis auf den äußeren legen, seine Striche zwischen die Zahlen, und die Nabe oben auf die Zeiger.',
  'An adult makes the {0} mm holes at the crosses, over an eraser.':
    'Ein Erwachsener macht die Löcher von {0} mm an den Kreuzen, über einem Radiergummi.',
  'An adult makes the {0} mm slits at the crosses, over an eraser.':
    'Ein Erwachsener macht die Schlitze von {0} mm an den Kreuzen, über einem Radiergummi.',
  'Cut a pipe cleaner along each bar: {0}. Fold each end in. Press the dough on the middle and the wire into it.':
    'An jedem Balken einen Pfeifenputzer abmessen und abschneiden: {0}. Jedes Ende umbiegen. Die Knete auf die Mitte drücken und den Draht hinein.',
  'Hour hand on the face, minute hand on top; join with {0}, {1} mm.':
    'Den Stundenzeiger auf das Zifferblatt, den Minutenzeiger darüber; verbinden mit: {0}, {1} mm.',
  'The hour hand on the face; join with {0}, {1} mm.':
    'Den Stundenzeiger auf das Zifferblatt; verbinden mit: {0}, {1} mm.',
  'The minute hand on the face; join with {0}, {1} mm.':
    'Den Minutenzeiger auf das Zifferblatt; verbinden mit: {0}, {1} mm.',
  'The hour hand on one face, the minute hand on the other; join with {0}, {1} mm.':
    'Den Stundenzeiger auf das eine Zifferblatt, den Minutenzeiger auf das andere; verbinden mit: {0}, {1} mm.',
  'Push the point into the eraser before a child holds the clock.':
    'Die Spitze in den Radiergummi stecken, bevor ein Kind die Uhr hält.',
  'Check that 12 is at the top.': 'Prüfen, dass die 12 oben ist.',
  'Check that 12 is at the top and the hands turn.': 'Prüfen, dass die 12 oben ist und die Zeiger sich drehen.',
}

export const germanYard: YardPhrases = {
  'Floor clock, radius {0}': 'Bodenuhr, Radius {0}',
  'set-out sheet': 'Aufbauplan',
  'Radius and string {0} · round the ring {1} · on {2}': 'Radius und Schnur {0} · rund um den Ring {1} · auf {2}',
  'Markers: {0}.': 'Markierungen: {0}.',
  'Markers: too few for the quarters; chalk them all.':
    'Markierungen: zu wenige für die Viertel; alle mit Kreide zeichnen.',
  'Set out': 'Aufbauen',
  Check: 'Prüfen',
  Hands: 'Zeiger',
  'Walk through': 'Ablaufen',
  'Who stands where': 'Wer wo steht',
  'Centre: {0}. String of {1}.': 'Mitte: {0}. Schnur von {1}.',
  '{0}; from 12 to 3 is {1}.': '{0}; von der 12 zur 3 sind es {1}.',
  '{0}: {1}. Count to 60 in fives.': '{0}: {1}. In Fünferschritten bis 60 zählen.',
  'Square corner: {0} along the 12 line, {1} along the 3 line, {2} across.':
    'Rechter Winkel: {0} auf der Linie zur 12, {1} auf der Linie zur 3, {2} quer.',
  'A marker may be {0} out of place; beyond that it reads half a minute off.':
    'Eine Markierung darf {0} danebenliegen; darüber wird sie um eine halbe Minute falsch gelesen.',
  'Long hand {0} (rope {1}), short hand {2} (rope {3}).': 'Langer Zeiger {0} (Seil {1}), kurzer Zeiger {2} (Seil {3}).',
  'In an hour of clock time the long hand’s child walks {0}, about {1} paces; the short hand’s {2}, about {3}.':
    'In einer Stunde Uhrzeit geht das Kind am langen Zeiger {0}, etwa {1} Schritte; das am kurzen {2}, etwa {3}.',
  '{0}: long hand {1}, short hand {2}.': '{0}: langer Zeiger {1}, kurzer Zeiger {2}.',
  'at the {0}': 'bei der {0}',
  'halfway from {0} to {1}': 'in der Mitte von {0} nach {1}',
  'a quarter of the way from {0} to {1}': 'ein Viertel des Wegs von {0} nach {1}',
  'three quarters of the way from {0} to {1}': 'drei Viertel des Wegs von {0} nach {1}',
  'From the centre, facing 12': 'Von der Mitte aus, mit Blick zur 12',
  'on the line': 'auf der Linie',
  '{0} right': '{0} rechts',
  '{0} left': '{0} links',
  level: 'auf gleicher Höhe',
  '{0} ahead': '{0} vor',
  '{0} back': '{0} zurück',
  '12 faces the wall; you stand outside the ring by the 6 and read as the children do.':
    'Die 12 zeigt zur Wand; Sie stehen außerhalb des Rings bei der 6 und lesen wie die Kinder.',
  '12 faces north; you stand outside the ring by the 6 and read as the children do.':
    'Die 12 zeigt nach Norden; Sie stehen außerhalb des Rings bei der 6 und lesen wie die Kinder.',
  '12 faces the children; you stand outside the ring by the 6 and read as the children do.':
    'Die 12 zeigt zu den Kindern; Sie stehen außerhalb des Rings bei der 6 und lesen wie die Kinder.',
  'One child lies or walks as the long hand, one as the short hand; both turn about the centre.':
    'Ein Kind liegt oder geht als langer Zeiger, eines als kurzer; beide drehen sich um die Mitte.',
  'One child at the end of each hand walks it round; you or a third child holds the centre.':
    'Am Ende jedes Zeigers geht ein Kind mit ihm herum; Sie oder ein drittes Kind halten die Mitte.',
  '1 child stands outside the ring, spread out; the running lane between stays clear.':
    '1 Kind steht außerhalb des Rings; die Laufbahn dazwischen bleibt frei.',
  '{0} children stand outside the ring, spread out; the running lane between stays clear.':
    '{0} Kinder stehen verteilt außerhalb des Rings; die Laufbahn dazwischen bleibt frei.',
}

import type { MakingPhrases, YardPhrases } from '../making'

export const frenchMaking: MakingPhrases = {
  'My clock': 'Mon horloge',
  'My clock, part {0} of {1}': 'Mon horloge, partie {0} sur {1}',
  '{0} · face {1} mm · hole {2} mm': '{0} · cadran {1} mm · trou {2} mm',
  'middle circle, {0} mm': 'rond du milieu, {0} mm',
  'hub, {0} mm': 'moyeu, {0} mm',
  'minute hand: cut to here, {0} mm': 'aiguille des minutes : couper ici, {0} mm',
  'hour hand: cut to here, {0} mm': 'aiguille des heures : couper ici, {0} mm',
  'hour hand, {0} mm from the hole': 'aiguille des heures, {0} mm depuis le trou',
  'minute hand, {0} mm from the hole': 'aiguille des minutes, {0} mm depuis le trou',
  'second hand, {0} mm from the hole': 'aiguille des secondes, {0} mm depuis le trou',
  second: 'seconde',
  'for the adult': 'pour l’adulte',
  '{0}: 1 clock': '{0} : 1 horloge',
  '{0}: {1} clocks': '{0} : {1} horloges',
  'What you need': 'À préparer',
  Time: 'Temps',
  'In this order': 'Dans cet ordre',
  'Cutting: about {0} min a child.': 'Découpage : environ {0} min par enfant.',
  'Your own minutes for the holes: about {0}.': 'Votre temps pour les trous : environ {0} min.',
  'pages on {0} g/m²': 'pages sur papier de {0} g/m²',
  'backing, {0}': 'support, {0}',
  'minute hand {0} mm': 'aiguille des minutes {0} mm',
  'hour hand {0} mm': 'aiguille des heures {0} mm',
  'Print at 100 % and hold a ruler to the bar at the foot: it must be 100 mm.':
    'Imprimer à 100 % et mesurer la barre du bas : elle doit faire 100 mm.',
  'Fold along the dashed lines, or cut the page in four.': 'Plier selon les pointillés, ou couper la page en quatre.',
  'Children draw: quarter marks first, then the hour marks between, then the numbers 12, 6, 3, 9, then the rest.':
    'Les enfants dessinent : d’abord les repères des quarts, puis ceux des heures entre eux, puis les nombres 12, 6, 3, 9, puis les autres.',
  'Children colour the face and the hands, a different colour for each hand.':
    'Les enfants colorient le cadran et les aiguilles, une couleur différente pour chaque aiguille.',
  'Join the parts of the face: lay the dashed lines on each other and glue.':
    'Assembler les parties du cadran : poser les pointillés l’un sur l’autre et coller.',
  'Glue the face to the plate, in the middle of its flat part, and cut wide round it.':
    'Coller le cadran au milieu de la partie plate de l’assiette et découper large autour.',
  'Glue the face to the backing and cut wide round it.': 'Coller le cadran sur le support et découper large autour.',
  'Children cut out the parts, seated, with blunt-ended scissors.':
    'Les enfants découpent les pièces, assis, avec des ciseaux à bouts ronds.',
  'Lay the middle circle on the outer one, its marks between the numbers, and the hub on top of the hands.':
    'Poser le rond du milieu sur le rond extérieur, ses repères entre les nombres, et le moyeu par-dessus les aiguilles.',
  'An adult makes the {0} mm holes at the crosses, over an eraser.':
    'Un adulte fait les trous de {0} mm aux croix, au-dessus d’une gomme.',
  'An adult makes the {0} mm slits at the crosses, over an eraser.':
    'Un adulte fait les fentes de {0} mm aux croix, au-dessus d’une gomme.',
  'Cut a pipe cleaner along each bar: {0}. Fold each end in. Press the dough on the middle and the wire into it.':
    'Couper un cure-pipe le long de chaque barre : {0}. Replier chaque bout. Presser la pâte au milieu et y enfoncer le fil.',
  'Hour hand on the face, minute hand on top; join with {0}, {1} mm.':
    'L’aiguille des heures sur le cadran, celle des minutes par-dessus ; fixer avec : {0}, {1} mm.',
  'The hour hand on the face; join with {0}, {1} mm.':
    'L’aiguille des heures sur le cadran ; fixer avec : {0}, {1} mm.',
  'The minute hand on the face; join with {0}, {1} mm.':
    'L’aiguille des minutes sur le cadran ; fixer avec : {0}, {1} mm.',
  'The hour hand on one face, the minute hand on the other; join with {0}, {1} mm.':
    'L’aiguille des heures sur un cadran, celle des minutes sur l’autre ; fixer avec : {0}, {1} mm.',
  'Push the point into the eraser before a child holds the clock.':
    'Enfoncer la pointe dans la gomme avant qu’un enfant tienne l’horloge.',
  'Check that 12 is at the top.': 'Vérifier que le 12 est en haut.',
  'Check that 12 is at the top and the hands turn.': 'Vérifier que le 12 est en haut et que les aiguilles tournent.',
}

export const frenchYard: YardPhrases = {
  'Floor clock, radius {0}': 'Horloge au sol, rayon {0}',
  'set-out sheet': 'plan de tracé',
  'Radius and string {0} · round the ring {1} · on {2}': 'Rayon et ficelle {0} · tour du cercle {1} · sur {2}',
  'Markers: {0}.': 'Repères : {0}.',
  'Markers: too few for the quarters; chalk them all.':
    'Repères : pas assez pour les quarts ; les tracer tous à la craie.',
  'Set out': 'Tracer',
  Check: 'Vérifier',
  Hands: 'Aiguilles',
  'Walk through': 'Parcourir',
  'Who stands where': 'Qui se tient où',
  'Centre: {0}. String of {1}.': 'Centre : {0}. Ficelle de {1}.',
  '{0}; from 12 to 3 is {1}.': '{0} ; du 12 au 3, il y a {1}.',
  '{0}: {1}. Count to 60 in fives.': '{0} : {1}. Compter jusqu’à 60 de cinq en cinq.',
  'Square corner: {0} along the 12 line, {1} along the 3 line, {2} across.':
    'Angle droit : {0} sur la ligne du 12, {1} sur la ligne du 3, {2} en travers.',
  'A marker may be {0} out of place; beyond that it reads half a minute off.':
    'Un repère peut être décalé de {0} ; au-delà, on lit une demi-minute de travers.',
  'Long hand {0} (rope {1}), short hand {2} (rope {3}).':
    'Grande aiguille {0} (corde {1}), petite aiguille {2} (corde {3}).',
  'In an hour of clock time the long hand’s child walks {0}, about {1} paces; the short hand’s {2}, about {3}.':
    'En une heure d’horloge, l’enfant de la grande aiguille marche {0}, environ {1} pas ; celui de la petite {2}, environ {3}.',
  '{0}: long hand {1}, short hand {2}.': '{0} : grande aiguille {1}, petite aiguille {2}.',
  'at the {0}': 'sur le {0}',
  'halfway from {0} to {1}': 'à mi-chemin du {0} au {1}',
  'a quarter of the way from {0} to {1}': 'au quart du chemin du {0} au {1}',
  'three quarters of the way from {0} to {1}': 'aux trois quarts du chemin du {0} au {1}',
  'From the centre, facing 12': 'Depuis le centre, face au 12',
  'on the line': 'sur la ligne',
  '{0} right': '{0} à droite',
  '{0} left': '{0} à gauche',
  level: 'à hauteur du centre',
  '{0} ahead': '{0} devant',
  '{0} back': '{0} derrière',
  '12 faces the wall; you stand outside the ring by the 6 and read as the children do.':
    'Le 12 est tourné vers le mur ; vous êtes hors du cercle, près du 6, et lisez comme les enfants.',
  '12 faces north; you stand outside the ring by the 6 and read as the children do.':
    'Le 12 est tourné vers le nord ; vous êtes hors du cercle, près du 6, et lisez comme les enfants.',
  '12 faces the children; you stand outside the ring by the 6 and read as the children do.':
    'Le 12 est tourné vers les enfants ; vous êtes hors du cercle, près du 6, et lisez comme les enfants.',
  'One child lies or walks as the long hand, one as the short hand; both turn about the centre.':
    'Un enfant est couché ou marche comme grande aiguille, un autre comme petite ; les deux tournent autour du centre.',
  'One child at the end of each hand walks it round; you or a third child holds the centre.':
    'Un enfant au bout de chaque aiguille la fait tourner ; vous ou un troisième enfant tenez le centre.',
  '1 child stands outside the ring, spread out; the running lane between stays clear.':
    '1 enfant se tient hors du cercle ; la piste entre les deux reste libre.',
  '{0} children stand outside the ring, spread out; the running lane between stays clear.':
    '{0} enfants se tiennent hors du cercle, espacés ; la piste entre les deux reste libre.',
}

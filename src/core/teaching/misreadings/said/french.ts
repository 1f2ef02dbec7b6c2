import type { Said } from './said'

export const frenchSaid: Said = {
  'look-again': 'Regardons-le encore une fois ensemble.',
  'swapped-hands': 'Cache la grande aiguille. Que dit la petite, la plus large, toute seule ? Et maintenant la grande.',
  'next-hour': 'Quel nombre la petite aiguille a-t-elle quitté ? L’heure garde ce nom jusqu’au nombre suivant.',
  'hour-just-gone': 'Quand on dit « moins », on nomme l’heure qui vient. Montre où va la petite aiguille.',
  'numeral-as-minutes': 'Comptez ensemble de cinq en cinq à partir de 12, en touchant chaque nombre.',
  'quarter-as-25':
    'Plie le cercle en deux, puis encore en deux. Combien de minutes y a-t-il dans une des quatre parts ?',
  'past-for-to':
    'Fais glisser ton doigt de 12 à la grande aiguille, par le chemin le plus court. À droite, on ajoute les minutes ; à gauche, on les enlève.',
  'wrong-way': 'Montre 12 et tourne ton doigt dans le sens des aiguilles. Quel côté vient en premier ?',
  'hour-only': 'La petite aiguille a dit ce qu’elle sait. Qu’ajoute la grande ?',
  'minutes-only-fives': 'On part de 12 : dis « zéro » à cet endroit et commence les cinq à 1.',
  'one-mark-out': 'Pars du dernier cinq dépassé et saute par-dessus chaque espace : un espace, c’est une minute.',
  'marks-left-out':
    'Quel cinq la grande aiguille vient-elle de dépasser ? Continue de compter : un pour chaque petit trait.',
  'before-for-after': 'Tourne l’aiguille lentement. Est-elle déjà passée par ce nombre, ou est-elle encore en chemin ?',
  'on-the-number': 'L’aiguille est-elle juste sur le nombre, ou l’a-t-elle dépassé ? De combien ?',
  'second-for-minute':
    'Regarde un moment une vraie horloge. Quelle aiguille fait vite tout le tour ? Celle-là compte les secondes.',
  'bare-digit': 'Il y a toujours deux places après les deux-points. Laquelle est vide ?',
  sixty: 'En haut, une nouvelle heure commence et on repart de zéro.',
  'zero-after': 'La première place après les deux-points compte les dizaines. Combien de dizaines dans cinq ?',
  'parked-hour':
    'Tourne une vraie horloge à partir d’une heure juste et regarde avancer la petite aiguille. Où est-elle à la demie ?',
  'both-on-numeral': 'À l’heure juste, la grande aiguille se repose sur 12. Seule la petite montre le nombre.',
  'swapped-set': 'La petite pour les heures, la grande pour les minutes. Dis-le en touchant chaque aiguille.',
  'base-100': 'Saute d’abord à la prochaine heure juste. Combien de minutes ? Puis les heures, puis le reste.',
  'no-bridge': 'Regarde la petite aiguille quand la grande passe sur 12. Quelle heure est-ce devenu ?',
  'minutes-shown':
    'L’horloge dit quand on part. Commence là et saute à la prochaine heure juste : combien de minutes fait le saut ?',
  'other-five': 'Combien de traits jusqu’au cinq d’avant, combien jusqu’au cinq d’après ? Le moins de traits gagne.',
  'fence-post': 'Pose un doigt sur le départ et ne dis rien. Compte un quand le doigt a sauté.',
  'counted-forward': 'Montre du doigt où va la grande aiguille : est-ce plus tôt ou plus tard ?',
  'step-left-out': 'Pose un jeton pour chaque chose à faire. Chaque jeton est-il dans l’addition ?',
  'noon-midnight': 'Parcours la journée sur deux tours d’horloge. Dans quel tour es-tu quand cela arrive ?',
  'adds-ten': 'Après 12, on continue de compter : 13, c’est 12 et encore 1. Combien de plus que 12 ici ?',
  'wrong-row': 'Pose une règle sous la ligne avant de la lire.',
}

import type { WordsByActivity } from '../../types'

export const frenchDayGames: WordsByActivity = {
  'follow-the-trail': {
    name: 'Piste',
    steps: [
      'Une page pour deux. Commencer à l’horloge entourée.',
      'Dire l’heure, avancer des minutes imprimées et trouver cette horloge.',
      'Les relier de centre à centre. Une image apparaît si chaque pas est juste.',
    ],
    say: 'Quelle heure est-il, autant de minutes plus tard ?',
    lookFor: 'Là où le trait s’égare : le pas d’avant montre l’erreur.',
    easier: 'L’un lit, l’autre tourne une horloge.',
    harder: 'Refaire la piste à rebours, de plus en plus tôt.',
  },
  'minute-hops': {
    name: 'Sauts de minutes',
    steps: [
      'Découper les cartes à l’avance. Une horloge est posée, chacun en a quelques-unes en main.',
      'Qui a l’horloge d’autant de minutes plus tard la pose et dit les deux heures.',
      'Qui ne peut pas poser tire une carte.',
    ],
    say: 'Dis celle qui est posée, puis la tienne.',
    lookFor: 'L’heure change quand il le faut.',
    easier: 'Tourner une horloge pour la trouver.',
    harder: 'Poser aussi à l’autre bout : autant de minutes plus tôt.',
  },
  'two-halves-cards': {
    name: 'Deux moitiés d’une journée',
    steps: [
      'Découper les cartes à l’avance. Deux tas : avant midi et après midi.',
      'Tirer à tour de rôle, dire ce que l’on fait et quand, et poser sur le tas.',
      'Certaines peuvent aller sur les deux. On en parle.',
    ],
    say: 'Est-ce possible aussi dans l’autre moitié ?',
    lookFor: 'Midi et minuit sont appelés par leur nom.',
    easier: 'Les repas seulement.',
    harder: 'Ranger chaque tas dans l’ordre des heures.',
  },
  'pair-24-hours': {
    name: 'Une journée en 24 heures',
    steps: [
      'Découper les cartes à l’avance. Les poser dans l’ordre de la journée.',
      'En montrer une à tour de rôle : la dire avec matin ou après-midi, puis comme dans une journée de 24 heures.',
      'La retourner : est-ce juste ?',
    ],
    say: 'Douze et combien de plus ?',
    lookFor: 'L’après-midi, c’est douze de plus, pas dix.',
    easier: 'Seulement d’une heure à six heures de l’après-midi.',
    harder: 'Dire seulement l’heure sur 24 ; qui la montre ?',
  },
  'strip-for-the-wall': {
    name: 'Une frise d’horloges pour le mur',
    steps: [
      'Découper la frise à l’avance et distribuer les morceaux.',
      'Où va ton morceau ? Se ranger dans l’ordre de la journée.',
      'Coller la frise au mur et la lire de gauche à droite.',
      'Trouver ce qui se passe maintenant et ce qui vient ensuite.',
    ],
    say: 'Regarde notre vraie horloge. Où sommes-nous sur la frise ?',
    lookFor: 'Ils comparent la vraie horloge et la dessinée.',
    easier: 'Seulement les morceaux d’avant midi.',
    harder: 'Raconter la journée à l’envers.',
  },
  'lay-a-day-in-order': {
    name: 'Une journée à mettre en ordre',
    steps: [
      'Découper les cartes à l’avance et les mélanger.',
      'En tirer une à tour de rôle, lire son horloge et la poser à sa place parmi les autres.',
      'À la fin, lire toute la journée.',
    ],
    say: 'Avant laquelle vient-elle ?',
    lookFor: 'C’est l’heure qui décide, pas l’habitude.',
    easier: 'Quatre cartes seulement.',
    harder: 'En retirer une ; qui dit laquelle manque ?',
  },
  'trail-through-a-day': {
    name: 'Piste dans une journée',
    steps: [
      'Une page par enfant. Commencer là où commence la journée.',
      'Chercher l’horloge de ce qui vient ensuite et relier les deux.',
      'Raconter la journée le long du trait.',
    ],
    say: 'Que fait-on après, et quand ?',
    lookFor: 'Qui pense à la journée sans regarder les horloges.',
    easier: 'Lire la journée pendant qu’ils dessinent.',
    harder: 'Commencer par la fin.',
  },
  'bingo-of-a-day': {
    name: 'Loto de la journée',
    steps: [
      'Une grille par enfant et une poignée de jetons.',
      'Annoncer ce que l’on fait ; tous disent quand et couvrent l’horloge.',
      'Une rangée pleine est relue.',
    ],
    say: 'Quand est-ce, dans notre journée ?',
    lookFor: 'L’horloge est cherchée, pas devinée d’après sa place.',
    easier: 'Annoncer aussi l’heure.',
    harder: 'Annoncer ce qui vient avant.',
  },
  'line-of-the-day': {
    name: 'La ligne d’une journée',
    steps: [
      'Tracer une longue ligne, sur un rouleau de papier ou au sol. Marquer les heures pleines, une petite horloge à chacune.',
      'Dessiner au-dessus ce qui se passe : se lever, jouer, manger.',
      'Montrer par des sauts la distance d’une chose à l’autre.',
    ],
    say: 'Où sommes-nous sur la ligne ?',
    lookFor: 'Les sauts s’arrêtent aux heures pleines.',
    easier: 'Seulement les heures du matin.',
    harder: 'Enlever une chose et la mettre une heure et demie plus tard.',
    onRung: {
      rounding: {
        steps: [
          'Tracer une longue ligne, sur un rouleau de papier ou au sol : une heure, un trait toutes les cinq minutes.',
          'Mettre un point là où se trouve l’heure que l’on dit.',
          'Dessiner une flèche du point vers le trait le plus proche.',
        ],
        say: 'De quel trait est-ce le plus près ?',
        lookFor: 'À partir de 58, la flèche va à l’heure suivante.',
        easier: 'D’abord des traits de dix en dix.',
        harder: 'Quels points iraient tous à ce trait ?',
      },
    },
  },
}

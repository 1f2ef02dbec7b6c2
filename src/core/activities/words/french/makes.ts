import type { WordsByActivity } from '../../types'

export const frenchMakes: WordsByActivity = {
  'wear-a-clock': {
    name: 'Porter une montre',
    steps: [
      'Mesurer chaque poignet avec une bande de papier ; faire les trous et les fentes à l’avance.',
      'Chaque enfant découpe le bracelet et les aiguilles, les fixe et met sa montre.',
      'Dire une heure de la liste. Chacun la règle et la coche quand son voisin est d’accord.',
    ],
    say: 'Quelle aiguille règles-tu en premier ?',
    lookFor: 'La petite aiguille va là où l’heure le demande, pas seulement sur un nombre.',
    easier: 'D’abord la petite aiguille seule.',
    harder: 'Régler l’heure de ce qui vient ensuite.',
  },
  'stand-a-clock': {
    name: 'Une horloge sur la table',
    steps: [
      'Faire les trous à l’avance. Chaque enfant découpe, fixe les aiguilles, plie et colle l’attache.',
      'Poser les horloges pour qu’un camarade les voie.',
      'L’un lit une heure de la liste, l’autre la règle ; cocher et échanger les rôles.',
    ],
    say: 'Montre-la pour que ton camarade puisse la lire.',
    lookFor: 'Le camarade lit l’heure sans qu’on la lui dise.',
    easier: 'Régler ensemble, chacun une aiguille.',
    harder: 'Régler une heure d’un quart d’heure plus tard.',
  },
  'ring-round-a-clock': {
    name: 'Un anneau de cinq',
    steps: [
      'Découper l’anneau et le poser autour de l’horloge, le 60 au 12.',
      'Montrer la grande aiguille et compter de cinq en cinq jusqu’à elle : après d’un côté, avant de l’autre.',
      'Enlever l’anneau et recommencer.',
    ],
    say: 'Combien sans l’anneau ?',
    lookFor: 'Ils continuent à partir de 15 ou de 30, pas chaque fois de 5.',
    easier: 'Seulement le premier côté.',
    harder: 'Tourner l’anneau : le 60 au départ, et compter combien de temps cela dure.',
  },
  'slide-to-the-minutes': {
    name: 'Glisser jusqu’aux minutes',
    steps: [
      'Découper la bande, le curseur et les cartes à l’avance, et passer la bande.',
      'Retourner une horloge. Glisser le curseur là où va sa grande aiguille.',
      'Dire combien de minutes sont passées et combien il en reste. Regarder la fiche de contrôle.',
    ],
    say: 'Combien sont passées ? Combien en reste-t-il ?',
    lookFor: 'Passées et restantes font soixante ensemble.',
    easier: 'Seulement des horloges dont la grande aiguille est du premier côté.',
    harder: 'Dire les minutes avant de glisser.',
  },
  'turn-the-window': {
    name: 'L’horloge dans la fenêtre',
    steps: [
      'Fabriquer la roue à l’avance, comme le montrent ses dessins.',
      'Tourner chacun son tour jusqu’à voir une horloge dans la fenêtre, et dire son heure.',
      'Soulever le volet et regarder. Montrer l’heure avec les bras.',
    ],
    say: 'Dis-la avant de soulever le volet.',
    lookFor: 'Ils lisent les deux aiguilles et n’attendent pas le volet.',
    easier: 'Soulever d’abord le volet et trouver pourquoi.',
    harder: 'Dire ce que l’horloge montrera une demi-heure plus tard.',
  },
  'spin-two-tops': {
    name: 'Deux toupies',
    steps: [
      'Découper les deux toupies à l’avance et passer un crayon court dans chacune.',
      'Les faire tourner chacun son tour. Dire l’heure de l’horloge et l’heure en mots.',
      'Sont-elles pareilles ? Prendre un jeton. Le premier qui en a trois a gagné.',
    ],
    say: 'Laquelle des deux est plus tard ?',
    lookFor: 'Ils disent les deux heures avant de comparer.',
    easier: 'Faire tourner seulement la toupie aux horloges.',
    harder: 'Dire combien de temps il y a de l’une à l’autre.',
  },
  'two-flicks': {
    name: 'Deux pichenettes, une heure',
    steps: [
      'Tenir un crayon droit au milieu, un trombone autour de sa pointe.',
      'Une pichenette pour l’heure, une autre pour les minutes.',
      'Régler l’heure sur une horloge et la dire. Le joueur suivant vérifie.',
    ],
    say: 'Où est la petite aiguille quand tant de minutes sont passées ?',
    lookFor: 'La petite aiguille avance avec les minutes.',
    easier: 'Laisser la petite aiguille à un camarade.',
    harder: 'La dire aussi d’une autre façon.',
  },
  'piece-a-clock': {
    name: 'Une horloge en pièces',
    steps: [
      'Découper les pièces, les aiguilles et les cartes à l’avance.',
      'Reconstituer l’horloge.',
      'Retourner une carte chacun son tour et poser les aiguilles pour que l’horloge montre son heure.',
    ],
    say: 'Quel nombre est à côté de cette pièce ?',
    lookFor: 'Les nombres sont reconnus à leur place : 12 en haut, 6 en bas, 3 et 9 sur les côtés.',
    easier: 'Commencer par les pièces du 12, du 3, du 6 et du 9.',
    harder: 'La reconstituer face imprimée en dessous.',
  },
}

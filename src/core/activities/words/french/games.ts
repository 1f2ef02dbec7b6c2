import type { WordsByActivity } from '../../types'

export const frenchGames: WordsByActivity = {
  'toss-a-time': {
    name: 'Lancer et remplir',
    steps: [
      'Découper, plier et coller le dé à l’avance. Mettre le plateau au milieu.',
      'Lancer à tour de rôle, dire l’heure du dé et poser un jeton sur une horloge qui la montre.',
      'Si toutes ses horloges sont prises, le coup est perdu. Le plateau est fini quand rien n’est libre.',
    ],
    say: 'Dis-la avant de la chercher.',
    lookFor: 'On trouve l’horloge par la petite aiguille autant que par la grande.',
    easier: 'Chercher ensemble.',
    harder: 'Couvrir les horloges dont l’autre joueur a mal dit l’heure.',
  },
  'twirl-a-time': {
    name: 'Tourner et remplir',
    steps: [
      'Tenir un crayon droit au milieu de la roue, un trombone autour de la pointe.',
      'Lancer le trombone à tour de rôle, dire l’heure montrée et couvrir une horloge qui la montre.',
      'Le plateau est fini quand rien n’est libre.',
    ],
    say: 'Quelles horloges du plateau montrent la même chose ?',
    lookFor: 'Ils regardent les aiguilles, pas seulement la place de la dernière fois.',
    easier: 'Trouver d’abord l’horloge, puis la dire.',
    harder: 'Dire l’heure une demi-heure plus tard.',
  },
  'turn-up-pairs': {
    name: 'Retourner les paires',
    steps: [
      'Découper les cartes à l’avance. Les poser en rangées, faces cachées.',
      'En retourner deux à tour de rôle et lire les deux tout haut. Une horloge et ses mots font une paire.',
      'Pas de paire : les retourner, les autres s’en souviennent.',
    ],
    say: 'Dis ce que tu vois avant de retourner la seconde.',
    lookFor: 'Les deux cartes sont lues, même quand elles ne vont pas ensemble.',
    easier: 'Commencer faces visibles.',
    harder: 'Avant de retourner, dire ce que l’on cherche, et où.',
  },
  'clock-dominoes': {
    name: 'Dominos',
    steps: [
      'Découper les dominos à l’avance et les partager.',
      'Poser à tour de rôle, une horloge contre son heure. La dire tout haut.',
      'Qui ne peut pas poser dit quelle heure il lui faudrait.',
    ],
    say: 'Quelle heure irait ici ?',
    lookFor: 'Le bout de la file est lu avant d’essayer une pièce.',
    easier: 'Jouer avec les pièces visibles.',
    harder: 'Poser aux deux bouts en alternance.',
  },
  'clock-bingo': {
    name: 'Loto des horloges',
    steps: [
      'Une grille par enfant et une poignée de jetons.',
      'Tirer une annonce et la lire deux fois. Qui a l’horloge la couvre.',
      'Une rangée pleine : l’enfant le dit et relit ses heures.',
    ],
    say: 'Relis-moi ta rangée.',
    lookFor: 'Qui couvre une horloge presque juste.',
    easier: 'Montrer l’horloge après l’annonce.',
    harder: 'Un enfant annonce.',
  },
  'loop-of-cards': {
    name: 'Cartes en chaîne',
    steps: [
      'Découper les cartes à l’avance et toutes les distribuer ; peu importe si chacun n’en a pas autant.',
      'Un enfant lit : « J’ai… Qui a… ? » Celui qui a cette horloge continue.',
      'La chaîne se ferme à la première carte. Puis encore une fois, un peu plus vite.',
    ],
    say: 'Tout le monde regarde : est-ce la tienne ?',
    lookFor: 'Chaque enfant regarde à chaque annonce, pas seulement à son tour.',
    easier: 'Deux enfants partagent leurs cartes.',
    harder: 'Échanger les cartes avant le second tour.',
  },
  'halves-that-fit': {
    name: 'Moitiés de puzzle',
    steps: [
      'Découper les moitiés à l’avance. Poser les horloges à un endroit, les heures à un autre.',
      'Prendre une moitié, dire ce qu’elle montre et trouver l’autre.',
      'Seules les bonnes s’emboîtent : inutile de demander.',
    ],
    say: 'Avant d’essayer le bord : ira-t-il ?',
    lookFor: 'Ils lisent d’abord et essaient le bord ensuite.',
    easier: 'Six moitiés à la fois.',
    harder: 'Tourner les bords de côté et associer par la seule lecture.',
  },
  'fold-and-open': {
    name: 'Plier et choisir',
    steps: [
      'Découper et plier le carré à l’avance, comme le montrent ses dessins.',
      'Choisir une horloge à l’extérieur et dire son heure. Ouvrir et fermer autant de fois que son heure.',
      'Choisir une heure à l’intérieur, dire où vont les aiguilles et soulever le volet pour voir.',
    ],
    say: 'Dis où vont les aiguilles avant de soulever.',
    lookFor: 'Ils pensent d’abord à l’horloge et soulèvent le volet ensuite.',
    easier: 'Soulever le volet et lire l’horloge ensemble.',
    harder: 'Montrer l’heure avec les bras avant de soulever le volet.',
  },
  'compose-with-cards': {
    name: 'Composer une heure avec des cartes',
    steps: [
      'Découper les cartes à l’avance : les heures en un tas, les minutes en un autre.',
      'Dire une heure. À tour de rôle, poser la carte de l’heure et celle des minutes.',
      'Puis l’inverse : en tirer une de chaque et dire l’heure obtenue.',
    ],
    say: 'Quelle carte dit l’heure ?',
    lookFor: 'Du côté « moins », on prend l’heure qui vient.',
    easier: 'L’heure est déjà posée.',
    harder: 'Régler l’horloge sur ce qui a été tiré.',
  },
  'choose-your-move': {
    name: 'Choisir un mouvement',
    steps: [
      'On montre une horloge avec deux ou trois heures, chacune avec son mouvement.',
      'Chacun fait le mouvement de l’heure qu’il croit juste.',
      'Puis on dit la raison, et tous font ensemble le bon.',
    ],
    say: 'Pourquoi l’as-tu choisi ?',
    lookFor: 'Qui attend de voir ce que font les autres.',
    easier: 'Deux heures au choix, sans minuteur.',
    harder: 'Trois heures, dont une toute proche.',
  },
}

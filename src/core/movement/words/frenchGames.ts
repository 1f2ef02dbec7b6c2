import type { CardsWords, HandsWords, JumpWords, RelayWords } from './types'

export const frenchJump: JumpWords = {
  told: {
    standing: 'Cinq objets sont par terre : un au milieu et un dans chaque quart d’une horloge. Mettez-vous au milieu.',
    seated:
      'Cinq objets sont par terre : un au milieu et un dans chaque quart d’une horloge. Montrez-les depuis votre place.',
  },
  facing: {
    twelve: 'Le douze est droit devant vous.',
    six: 'Le six est droit devant vous, et le douze est derrière vous.',
  },
  quarters: {
    'ahead-right': 'devant à droite',
    'behind-right': 'derrière à droite',
    'behind-left': 'derrière à gauche',
    'ahead-left': 'devant à gauche',
  },
  either: (one, other) => `Sur la ligne, les deux comptent : ${one} ou ${other}`,
  out: {
    standing: (where) => `${where} : sautez, puis revenez, trois fois.`,
    seated: (where) => `${where} : montrez du doigt, trois fois.`,
  },
  which: 'Dans quel quart est-ce ?',
  hour24: { isUsual: true, say: (hour) => `${hour} heures` },
  day: {
    7: 'Nous nous levons.',
    8: 'Nous prenons le petit déjeuner.',
    9: 'Nous disons bonjour à tout le monde.',
    10: 'Nous prenons une collation.',
    11: 'Nous jouons dehors.',
    12: 'Nous déjeunons.',
    13: 'Nous nous reposons.',
    14: 'Nous écoutons une histoire.',
    16: 'Nous goûtons.',
    17: 'Nous rentrons à la maison.',
    18: 'Nous jouons à la maison.',
    19: 'Nous dînons.',
    20: 'Nous sommes au lit.',
  },
  places: (metres, between) =>
    `Chacun des quatre objets est à ${metres} m de celui du milieu et à ${between} m de ses deux voisins.`,
}

export const frenchHands: HandsWords = {
  told: {
    standing:
      'Deux d’entre vous sont les aiguilles de l’horloge par terre. La grande marche sur l’anneau, la petite plus à l’intérieur.',
    seated: 'Mettez une horloge où tous la voient. Deux d’entre vous tournent les aiguilles, une chacun.',
  },
  both: (long, short) => `${long} est la grande aiguille. ${short} est la petite aiguille.`,
  alone: (short) => `${short} est la petite aiguille.`,
  longOnNumbers: (numbers, where) =>
    `Grande aiguille : avance de ${numbers} ${numbers === 1 ? 'chiffre' : 'chiffres'}, ${where}.`,
  longOnMarks: (marks, where) =>
    `Grande aiguille : avance de ${marks} ${marks === 1 ? 'petit trait' : 'petits traits'}, ${where}.`,
  longStays: 'Grande aiguille : reste où tu es.',
  onNumber: (numeral) => `jusqu’au ${numeral}`,
  pastNumber: (marks, numeral) => `${marks} après le ${numeral}`,
  shortOn: (numbers, where) =>
    numbers === 0
      ? `Petite aiguille : avance un peu, ${where}.`
      : `Petite aiguille : avance de ${numbers} ${numbers === 1 ? 'chiffre' : 'chiffres'}, ${where}.`,
  shortStays: 'Petite aiguille : reste où tu es.',
  justPast: (numeral) => `un peu après le ${numeral}`,
  between: (numeral, next) => `à mi-chemin entre le ${numeral} et le ${next}`,
  nearly: (next) => `presque au ${next}`,
}

export const frenchRelay: RelayWords = {
  told: {
    standing:
      'Au repère du fond, il y a une horloge par équipe. Quand on t’appelle, cours-y, règle l’heure et reviens.',
    seated: 'Chaque équipe fait passer une horloge. Quand on t’appelle, règle l’heure.',
  },
  set: (names, time) => `${names} : réglez l’horloge sur ${time}.`,
  walk: 'Cette fois, en marchant.',
}

export const frenchCards: CardsWords = {
  told: {
    standing: 'Chacun a une carte avec une heure. Les horloges sont dans la salle.',
    seated: 'Chacun a une carte avec une heure. Les horloges sont sur la table.',
  },
  clock: {
    standing: 'Placez-vous près de l’horloge qui montre votre heure.',
    seated: 'Posez votre carte près de l’horloge qui montre votre heure.',
  },
  inTurn: 'Dites vos heures, l’une après l’autre.',
  order: {
    standing: 'Rangez-vous dans l’ordre, comme les aiguilles tournent à partir du douze.',
    seated: 'Rangez vos cartes dans l’ordre, comme les aiguilles tournent à partir du douze.',
  },
  inOrder: 'Voici l’ordre.',
  partner: 'Trouvez celui ou celle qui a la même heure que vous.',
  together: 'Ces cartes vont ensemble.',
  swap: 'Échangez votre carte avec quelqu’un.',
  whyDeal: (pairs) =>
    `Avant cela, redistribuez : les ${pairs} premières cartes en mots et les horloges aux mêmes numéros. L’enfant qui reste appelle avec vous.`,
  card: (number) => `Carte ${number}`,
}

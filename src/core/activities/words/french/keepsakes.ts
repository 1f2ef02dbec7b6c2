import type { WordsByActivity } from '../../types'

export const frenchKeepsakes: WordsByActivity = {
  'clock-book-page': {
    name: 'Une page pour mon livre des heures',
    steps: [
      'Séparer les pages. Chaque enfant écrit la date sur l’une d’elles.',
      'Lire l’horloge de gauche et dessiner les aiguilles sur celle d’à côté.',
      'Dessiner ce que tu fais à ce moment-là et le raconter à un autre enfant.',
    ],
    say: 'Que fais-tu à l’heure que tu as dessinée ?',
    lookFor: 'La petite aiguille est dessinée là où les minutes l’exigent.',
    easier: 'Montrer d’abord l’heure sur une vraie horloge, puis la dessiner.',
    harder: 'Écrire sous l’image combien de temps cela dure.',
  },
  'strip-that-grows': {
    name: 'Une bande qui s’allonge',
    steps: [
      'Chaque enfant découpe les bandes, les colle bout à bout et plie les mots vers l’arrière.',
      'Lire une horloge de la bande à un autre enfant, puis la relever et regarder.',
      'Accrocher la bande à hauteur des yeux des enfants. L’étape suivante s’y colle quand elle arrive.',
    ],
    say: 'Laquelle de tes horloges était la plus difficile ?',
    lookFor: 'Ils lisent d’abord et regardent après.',
    easier: 'Lire deux horloges, puis vérifier les deux.',
    harder: 'Lire la bande de droite à gauche, aussi vite que possible sans se tromper.',
  },
  'read-for-the-certificate': {
    name: 'Lire pour le diplôme',
    steps: [
      'Chaque enfant lit les horloges du diplôme à quelqu’un qui ne les a pas encore entendues.',
      'La personne qui a écouté écrit son nom sur la ligne.',
      'Colorier les 60 minutes autour de la page, cinq par cinq.',
    ],
    say: 'Comment as-tu su quelle heure c’était ?',
    lookFor: 'Chaque horloge est lue sans aide. Sinon, garder la page et continuer à jouer.',
    easier: 'Choisir deux des horloges.',
    harder: 'Dire aussi chaque heure d’une autre manière.',
  },
}

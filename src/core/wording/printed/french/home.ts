import type { HomePhrases } from '../home'

export const frenchHome: HomePhrases = {
  'Telling the time: {0}': 'Lire l’heure : {0}',
  'This is what {0} can do now:': 'Voici ce que {0} sait faire maintenant :',
  'This is what comes next:': 'Voici ce qui vient ensuite :',
  '{0} has begun to look at clocks. Everything is still to come.':
    '{0} a commencé à regarder les horloges. Tout le reste est à venir.',
  'Something to play together': 'Un jeu à faire ensemble',
  'The pages for it are with this note.': 'Les pages du jeu sont jointes.',
  'A few minutes are enough. Stop while it is still fun.':
    'Quelques minutes suffisent. Arrêtez tant que c’est encore amusant.',
  'note home': 'mot à la maison',
  'name the parts of a clock, and show which way the hands turn':
    'nommer les parties d’une horloge et montrer dans quel sens tournent les aiguilles',
  'say where the short hand is: at an hour, just after it, halfway or nearly at the next':
    'dire où est la petite aiguille : pile sur une heure, juste après, à mi-chemin ou presque à la suivante',
  'read and set whole hours, such as three o’clock': 'lire et régler les heures pleines, comme trois heures',
  'read and set half past': 'lire et régler les demi-heures',
  'count the minutes round the clock in fives': 'compter les minutes autour de l’horloge de cinq en cinq',
  'read and set the quarters of an hour': 'lire et régler les quarts d’heure',
  'read minutes past the hour, in fives': 'lire les minutes passées, de cinq en cinq',
  'read minutes to the next hour, in fives': 'lire les minutes avant l’heure suivante, de cinq en cinq',
  'read the clock to the very minute': 'lire l’horloge à la minute près',
  'write the time in figures, and match it to a clock': 'écrire l’heure en chiffres et l’associer à une horloge',
  'tell morning from afternoon and evening by the clock': 'distinguer sur l’horloge le matin, l’après-midi et le soir',
  'say the hours of the afternoon on a day of 24 hours': 'dire les heures de l’après-midi sur 24 heures',
  'round a time to the nearest five minutes': 'arrondir une heure aux cinq minutes les plus proches',
  'say what time it will be some minutes later, or was some minutes before':
    'dire l’heure qu’il sera quelques minutes plus tard, ou qu’il était avant',
  'say how long something lasts, from its beginning to its end':
    'dire combien de temps dure quelque chose, du début à la fin',
  'say when to start so as to be ready in time': 'dire quand commencer pour être prêt à temps',
  'read a plan of the day and show its times on a clock':
    'lire le plan d’une journée et montrer ses heures sur une horloge',
}

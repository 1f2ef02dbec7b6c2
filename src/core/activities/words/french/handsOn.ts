import type { WordsByActivity } from '../../types'

export const frenchHandsOn: WordsByActivity = {
  'find-the-parts': {
    name: 'Trouver les parties',
    steps: [
      'Poser au milieu une horloge qu’on peut toucher.',
      'Nommer une partie : cadran, centre, aiguille des heures, aiguille des minutes. Un enfant la touche et dit son nom.',
      'Maintenant, en toucher une soi-même ; les enfants la nomment.',
    ],
    say: 'Montre-moi la courte, la large. À quoi sert-elle ?',
    lookFor: 'Les aiguilles se distinguent par leur longueur et leur forme, quelle que soit la couleur.',
    easier: 'Seulement le cadran et les aiguilles.',
    harder: 'Les yeux fermés, sentir quelle aiguille c’est.',
  },
  'put-a-clock-together': {
    name: 'Assembler une horloge',
    steps: [
      'Chaque enfant a un cercle de papier, douze jetons et deux bandes : une courte et large, une longue et fine.',
      'Poser les jetons au bord : d’abord en haut et en bas, puis des deux côtés, puis deux entre chaque paire.',
      'Écrire 12 en haut et compter autour jusque-là.',
      'Poser les bandes à partir du centre et les nommer.',
    ],
    say: 'Quel nombre va en haut ?',
    lookFor: 'Deux jetons entre chaque paire, et le 12 en haut.',
    easier: 'Poser quatre jetons seulement : 12, 3, 6 et 9.',
    harder: 'Échanger deux jetons ; le voisin trouve l’erreur.',
  },
  'shadow-stick': {
    name: 'Un bâton et son ombre',
    steps: [
      'Dresser dehors un bâton court, au bout arrondi, dans un pot. Tracer une ligne le long de son ombre.',
      'Écrire l’heure à côté de la ligne, lue sur une horloge.',
      'Jouer à autre chose, revenir et tracer l’ombre encore une fois.',
      'Dans quel sens a-t-elle tourné ? Faire le tour du pot dans ce sens.',
    ],
    say: 'L’ombre avance comme une aiguille des heures. Où est-elle allée ?',
    lookFor: 'Ils tournent comme l’ombre a tourné et s’attendent à ce qu’elle continue.',
    easier: 'Montrer seulement où l’ombre était et où elle est.',
    harder: 'Poser une brindille là où sera la prochaine ligne, puis vérifier.',
  },
  'set-your-clock': {
    name: 'Tout le monde règle une horloge',
    steps: [
      'Chacun a une horloge à tourner, fabriquée ou achetée.',
      'Dire une heure ; chaque enfant la règle, puis tous lèvent leur horloge ensemble.',
      'Regarder autour de soi sans un mot ; qui veut peut encore changer. Puis montrer la sienne.',
    ],
    say: 'Quelle aiguille règles-tu d’abord ?',
    lookFor: 'La petite aiguille est à sa vraie place, pas toujours sur un nombre.',
    easier: 'Régler la petite aiguille seulement.',
    harder: 'Un enfant dit l’heure suivante.',
    onRung: {
      parts: {
        steps: [
          'Chacun a une horloge à tourner, fabriquée ou achetée.',
          'Nommer une aiguille et un nombre ; chaque enfant y met cette aiguille.',
          'Tourner lentement la grande aiguille d’un tour, dans le sens des horloges, en comptant les nombres.',
        ],
        say: 'Laquelle est-ce, la petite ou la grande ?',
        lookFor: 'Les aiguilles tournent dans l’ordre des nombres : du 12 vers le bas, à droite.',
        easier: 'Montrer du doigt au lieu de tourner une aiguille.',
      },
      fives: {
        say: 'Où sera la grande aiguille ?',
        easier: 'Compter ensemble de cinq en cinq avant de régler.',
      },
    },
  },
  'lay-the-fives': {
    name: 'Poser l’anneau des cinq',
    steps: [
      'Découper les cartes à l’avance. Poser de 1 à 12 en grand cercle, sur des assiettes ou des papiers.',
      'Poser à côté les multiples de cinq dans l’ordre, en comptant tout haut à partir de 5.',
      'Mélanger, en tirer une et la poser tout de suite à sa place.',
    ],
    say: 'Laquelle pourrais-tu poser sans compter ?',
    lookFor: 'Les quarts sont sus par cœur en premier : 15, 30, 45.',
    easier: 'Seulement 15, 30, 45 et 60, puis une de plus à la fois.',
    harder: 'Retourner les nombres.',
  },
  'sixty-round': {
    name: 'Soixante jetons en rond',
    steps: [
      'Poser soixante jetons en rond, un objet plus gros à chaque cinquième place.',
      'Dire un nombre de minutes. Un enfant saute de cinq en cinq avec le doigt, puis avance un par un.',
      'Poser une paille du centre jusque-là : l’aiguille des minutes.',
    ],
    say: 'Quel multiple de cinq venais-tu de passer ?',
    lookFor: 'On compte les espaces, pas le jeton de départ.',
    easier: 'De cinq en cinq seulement.',
    harder: 'Lequel est le plus proche, celui d’avant ou celui d’après ?',
  },
  'show-me-strips': {
    name: 'Montre-moi',
    steps: [
      'Découper les bandes à l’avance, une par enfant.',
      'L’enfant lit ce qui est écrit et le construit avec deux morceaux de pâte, aussi longs que l’indique la bande.',
      'Échanger la bande avec un voisin et vérifier l’horloge qui est là.',
    ],
    say: 'Quel morceau est l’heure ?',
    lookFor: 'Court et large pour l’heure, et entre les nombres quand il le faut.',
    easier: 'Un adulte lit la bande à voix haute.',
    harder: 'Sans les longueurs : rouler les aiguilles à l’œil.',
  },
  'rope-clock': {
    name: 'Une horloge de cordes',
    steps: [
      'Poser une corde en rond, avec des papiers pour 12, 3, 6 et 9. Une longue et une courte corde sont les aiguilles.',
      'Dire une heure. Un enfant pose la corde courte, un autre la longue.',
      'Tous vont en haut du rond, regardent de là et disent si c’est juste.',
    ],
    say: 'Mets-toi au 12. La corde courte est-elle sur un nombre ou entre deux ?',
    lookFor: 'Les deux cordes partent du centre.',
    easier: 'La corde courte seulement.',
    harder: 'La poser avec une erreur ; les autres la trouvent.',
    onRung: { 'hour-hand': { easier: 'Seulement « pile » et « à mi-chemin ».' } },
  },
  'turn-it-through': {
    name: 'Tourner jusqu’au bout',
    steps: [
      'Chacun règle l’heure à laquelle quelque chose commence.',
      'Tourner la grande aiguille jusqu’à la fin, en s’arrêtant à chaque heure pleine. Dire chaque saut tout haut.',
      'Noter les sauts et les additionner.',
    ],
    say: 'Arrête-toi à l’heure pleine. Jusqu’où sommes-nous allés ?',
    lookFor: 'La petite aiguille suit la grande au-delà de l’heure.',
    easier: 'À l’intérieur d’une heure.',
    harder: 'Dire la réponse avant de tourner, puis vérifier.',
    onRung: {
      rounding: {
        steps: [
          'Chacun règle une heure à la minute près.',
          'Revenir avec la grande aiguille au multiple de cinq d’avant en comptant les traits ; puis aller à celui d’après.',
          'Le côté qui a le moins de traits gagne : c’est le plus proche.',
        ],
        say: 'De quel côté est-ce plus court ?',
        lookFor: 'À partir de 58, ils vont à l’heure suivante.',
        easier: 'Seulement une ou quatre minutes après un multiple de cinq.',
      },
      'day-24': {
        steps: [
          'Chacun règle midi et dit « douze ».',
          'Tourner la grande aiguille d’un tour pour chaque heure de l’après-midi : treize, quatorze, et ainsi de suite.',
          'S’arrêter à l’heure de quelque chose qu’ils font : comment s’appelle-t-elle dans une journée de 24 heures ?',
        ],
        say: 'Combien de plus que douze ?',
        lookFor: 'Ils comptent à partir de douze et ne recommencent pas à un.',
        easier: 'Seulement jusqu’à quinze.',
      },
    },
  },
  'a-counter-for-five': {
    name: 'Un jeton pour cinq minutes',
    steps: [
      'Chaque jeton vaut cinq minutes ; douze à la file font une heure.',
      'Dire ce qu’il y a à faire et combien de temps cela prend. Poser un jeton pour chaque tranche de cinq minutes.',
      'Les rassembler : combien de rangées entières, combien en reste-t-il ?',
    ],
    say: 'Y a-t-il une heure entière dedans ?',
    lookFor: 'On échange douze jetons contre une heure, pas dix.',
    easier: 'Seulement ce qui tient dans une demi-heure.',
    harder: 'Quand commencer pour que ce soit fini à quatre heures ?',
    onRung: {
      rounding: {
        steps: [
          'Chaque jeton vaut cinq minutes. En poser douze à la file, un papier entre deux pour les minutes entre eux.',
          'Dire un nombre de minutes ; poser un doigt là où il se trouve dans la file.',
          'Glisser le doigt vers le bout le plus proche.',
        ],
        say: 'Quel jeton est le plus proche ?',
        lookFor: 'Un et deux descendent, trois et quatre montent.',
      },
    },
  },
  'sort-on-two-plates': {
    name: 'Deux assiettes pour une journée',
    steps: [
      'Poser deux cercles : le premier et le second tour de l’horloge. Entre eux, à midi, un soleil.',
      'Apporter de petites choses de la journée : une brosse à dents, une cuillère, un livre, une balle, une chaussette.',
      'Un enfant en prend une, dit quand on s’en sert et la pose sur son tour.',
    ],
    say: 'Avant midi ou après ?',
    lookFor: 'Certaines choses servent dans les deux tours, et ils le disent.',
    easier: 'Seulement des choses du matin et du coucher.',
    harder: 'Dire aussi l’heure, comme on l’appelle dans une journée de 24 heures.',
  },
  'two-rounds': {
    name: 'Faire deux tours à pied',
    steps: [
      'Tracer un rond de douze places ou poser des papiers ; à table, une assiette et un doigt qui marche suffisent.',
      'Marcher le premier tour de minuit à midi, en racontant à chaque heure ce qui s’y passe.',
      'Continuer dans le second tour : les places sont les mêmes, les heures ont un autre nom.',
      'Annoncer une chose que l’on fait ; ils y vont et disent dans quel tour ils sont.',
    ],
    say: 'Tu es de nouveau au 3. Qu’est-ce qui a changé ?',
    lookFor: 'Un second tour commence après midi.',
    easier: 'Seulement du lever au coucher.',
    harder: 'Annoncer seulement l’heure de la journée de 24 heures.',
  },
  'act-the-day': {
    name: 'Jouer une journée',
    steps: [
      'Choisir huit choses d’une journée ordinaire, du lever au sommeil.',
      'Un enfant tourne l’horloge à l’heure, les autres jouent ce que l’on fait alors.',
      'Parcourir une fois la journée dans l’ordre. Puis annoncer n’importe laquelle de ces heures.',
    ],
    say: 'L’horloge montre sept heures et demie. Du matin ou du soir ?',
    lookFor: 'Ce qui vient avant et après est raconté avec son heure.',
    easier: 'Quatre choses seulement.',
    harder: 'Jouer quelque chose ; les autres disent l’heure.',
  },
  'do-it-and-time-it': {
    name: 'Le faire et le mesurer',
    steps: [
      'Choisir quelque chose de réel : ranger l’étagère, mettre chaussures et manteaux, mettre la table.',
      'Chacun dit combien de temps cela prendra. Noter quand cela commence.',
      'Le faire. Noter quand cela finit. Combien de temps cela a-t-il pris ?',
    ],
    say: 'Avons-nous été plus rapides que tu ne pensais ?',
    lookFor: 'Ils partent de l’heure notée, pas de zéro.',
    easier: 'Compter les minutes pendant que l’horloge avance.',
    harder: 'Il faut le refaire avant quatre heures : quand commencer au plus tard ?',
    onRung: {
      later: {
        steps: [
          'Choisir quelque chose qui dure un temps connu, par exemple cinq minutes de rangement.',
          'Noter quand cela commence. Chacun dit ce que l’horloge montrera à la fin.',
          'Le faire, regarder l’horloge et comparer.',
        ],
        say: 'Que montrera l’horloge quand nous aurons fini ?',
        lookFor: 'Ils avancent à partir du début, au-delà de l’heure s’il le faut.',
        harder: 'Nous avons déjà trois minutes de retard. Quand cela finira-t-il ?',
      },
    },
  },
  'bead-on-a-string': {
    name: 'Une pince sur une ficelle',
    steps: [
      'Tendre une ficelle au mur ou au bord de la table, une marque de cinq en cinq : de 0 à 60.',
      'Dire un nombre de minutes. Un enfant met une pince à sa place.',
      'Pousser la pince vers la marque la plus proche.',
    ],
    say: 'Est-ce plus près de cette marque ou de celle-là ?',
    lookFor: 'À partir de 58, la pince va à 60, l’heure suivante.',
    easier: 'D’abord une marque de dix en dix.',
    harder: 'Dire l’heure entière avant et après.',
  },
}

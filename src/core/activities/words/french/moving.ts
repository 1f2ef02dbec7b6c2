import type { WordsByActivity } from '../../types'

export const frenchMoving: WordsByActivity = {
  'turn-like-the-hands': {
    name: 'Tourner comme les aiguilles',
    steps: [
      'Se tenir en rond, face au milieu. L’adulte est au 12.',
      'Compter autour à partir de 12, dans le sens de l’horloge. Chacun dit son nombre.',
      'Tourner comme les aiguilles, une place à chaque claquement. À « stop », chacun dit où il est.',
      'Maintenant un enfant fait le tour à l’extérieur : c’est l’aiguille ; les autres disent chaque nombre qu’il passe.',
    ],
    say: 'Qui vient après 12 ?',
    lookFor: 'Le sens est juste, où qu’ils se trouvent.',
    easier: 'Se donner la main et tourner ensemble.',
    harder: 'Annoncer un nombre ; l’aiguille s’arrête juste après lui ou presque à lui.',
  },
  'balance-the-clock': {
    name: 'Horloge en équilibre',
    steps: [
      'Une longueur de bras de place tout autour, une main à tenir pour qui en veut une.',
      'Sur une jambe, le bras long en haut : 12. Puis 3, un quart de tour ; 6, un demi-tour ; 9, trois quarts.',
      'Changer de jambe à chaque annonce. Secouer bras et jambes entre deux.',
    ],
    say: 'De combien le bras long a-t-il tourné ?',
    lookFor: 'Le bras va dans le sens de l’horloge, pas par le plus court.',
    easier: 'Sur les deux pieds, ou assis.',
    harder: 'Dans le désordre, avec la demie.',
  },
  'hours-in-a-walk': {
    name: 'Parcourir les heures',
    steps: [
      'La grande aiguille reste sur 12. Mener la petite de nombre en nombre.',
      'À chaque nombre, le groupe dit ensemble l’heure entière.',
      'Puis dans le désordre, avec deux questions tour à tour : « Quelle heure est-il ? » et « Peux-tu me dire l’heure, s’il te plaît ? »',
    ],
    say: 'À quel nombre la petite aiguille est-elle arrivée ?',
    lookFor: 'Ils disent « heures » avec le nombre.',
    easier: 'Dans l’ordre seulement.',
    harder: 'Un enfant mène l’aiguille et pose les questions.',
    onRung: {
      'hour-hand': {
        steps: [
          'Une seule aiguille. La mener de nombre en nombre.',
          'À chaque nombre, le groupe dit « pile » et l’heure ; entre deux nombres, l’heure qu’elle a quittée.',
          'Puis dans le désordre : « Où est l’aiguille ? »',
        ],
        lookFor: 'Entre deux nombres, on nomme l’heure passée.',
      },
    },
  },
  'relay-of-hours': {
    name: 'Relais des heures',
    steps: [
      'Des équipes derrière une ligne, une horloge pour chacune à l’autre bout.',
      'On annonce une heure. Le premier de chaque équipe y va, la règle et revient au bout de la file.',
      'Tous vérifient ensemble. C’est le juste qui compte, pas le premier.',
    ],
    say: 'Qu’as-tu réglé d’abord ?',
    lookFor: 'Les deux aiguilles sont réglées, la petite aussi.',
    easier: 'Y aller à deux.',
    harder: 'Chaque équipe règle une demi-heure plus tard.',
  },
  'wear-your-time': {
    name: 'Porter son heure',
    steps: [
      'Découper les badges à l’avance et en fixer un à chaque enfant ; rien autour du cou.',
      'Annoncer une heure ; celui qui la porte s’avance et dit comment il l’a su.',
      'Puis se ranger par heure, de la plus tôt à la plus tard, sans un mot.',
    ],
    say: 'Qui est juste avant toi ?',
    lookFor: 'Ils relisent leur badge et ne suivent pas seulement les autres.',
    easier: 'Annoncer les heures dans l’ordre.',
    harder: 'Échanger les badges au milieu du jeu.',
  },
  'jump-through-a-day': {
    name: 'Sauter à travers la journée',
    steps: [
      'Marquer un centre et quatre quarts, avec cinq objets pour les reconnaître.',
      'Raconter une journée en huit heures. À chaque heure, sauter dans son quart, puis revenir.',
      'La raconter encore sans les places : ils sautent là où c’était.',
    ],
    say: 'Il est neuf heures du soir. Où saute-t-on ?',
    lookFor: 'Ils savent que le même quart revient deux fois par jour.',
    easier: 'Un pas au lieu d’un saut ; quatre heures seulement.',
    harder: 'Se tourner vers un autre côté.',
  },
  'step-the-minutes': {
    name: 'Compter les minutes à pas',
    steps: [
      'Tracer une ligne de douze pas, cinq minutes chacun ; une croix là où commence une nouvelle heure.',
      'Un enfant se tient sur une heure. Dire de combien il est plus tard, ou combien dure quelque chose.',
      'Il avance en comptant tout haut de cinq en cinq et s’arrête à la croix pour dire la nouvelle heure.',
    ],
    say: 'Tu es à l’heure pleine. Encore combien de pas ?',
    lookFor: 'Le premier pas compte quand le pied est posé.',
    easier: 'Sans heure pleine entre les deux.',
    harder: 'À reculons : il est deux heures dix ; où étais-tu un quart d’heure plus tôt ?',
    onRung: {
      minute: {
        steps: [
          'Tracer une ligne de douze pas, cinq minutes chacun.',
          'Dire un nombre de minutes. Un enfant marche jusqu’au multiple de cinq d’avant, puis pied devant pied, un par un.',
          'Les autres disent l’heure entière.',
        ],
        say: 'Quel multiple de cinq viens-tu de passer ?',
        lookFor: 'Le premier petit pas compte un, pas la place où l’on est.',
        easier: 'Seulement jusqu’à la demie.',
      },
      rounding: {
        steps: [
          'Tracer une ligne de douze pas, cinq minutes chacun.',
          'Dire un nombre de minutes. Un enfant marche jusqu’à sa place entre deux marques.',
          'Sauter à la marque la plus proche et dire son nombre.',
        ],
        say: 'Quelle marque est la plus proche ?',
        lookFor: 'À partir de 58, ils sautent à l’heure suivante.',
        harder: 'Dire l’heure entière avant et après.',
      },
    },
  },
  'freeze-at-the-hour': {
    name: 'Statue',
    steps: [
      'Bouger sur place, vite ou lentement, selon l’annonce.',
      'À « statue », rester immobile comme une horloge arrêtée.',
      'Boire de l’eau.',
    ],
    say: 'Tic, tic, tic… statue.',
    lookFor: 'Le souffle est calme avant de s’asseoir.',
    easier: 'Assis : seuls les bras bougent.',
    harder: 'S’arrêter comme les aiguilles d’une heure annoncée.',
  },
  'laps-for-the-hour': {
    name: 'Tours',
    steps: [
      'Poser deux objets à distance. On annonce une heure : autant de tours entre les deux.',
      'Marcher après chaque course, comme c’est annoncé.',
      'Boire de l’eau.',
    ],
    say: 'Quatre heures : quatre tours.',
    lookFor: 'Personne ne fait la course ; qui a fini applaudit les autres.',
    easier: 'Marcher, ou aller moitié moins loin.',
    harder: 'Un enfant tire le nombre.',
  },
}

import type { ShelfStory } from './types'

/** Stories of fives, of minutes, of figures and of lengths. */
export const laterStories: readonly ShelfStory[] = [
  {
    id: 'ferry-bell',
    rung: 'past-fives',
    told: {
      en: {
        title: 'The ferry bell',
        text: 'At five past ten Kwame is still on the towpath. The ferry leaves at ten past ten. He runs. At twenty past ten he stands on the empty pier and waves. The ferryman rings the bell and turns round. At twenty-five past ten Kwame jumps on board.',
      },
      de: {
        title: 'Die Glocke der Fähre',
        text: 'Um fünf nach zehn ist Kwame noch auf dem Leinpfad. Die Fähre fährt um zehn nach zehn ab. Er rennt. Um zwanzig nach zehn steht er auf dem leeren Steg und winkt. Der Fährmann läutet die Glocke und kehrt um. Um fünf vor halb elf springt Kwame an Bord.',
      },
      fr: {
        title: 'La cloche du bac',
        text: 'À dix heures cinq, Kwame est encore sur le chemin. Le bac part à dix heures dix. Il court. À dix heures vingt, il est sur le ponton vide et fait signe. Le passeur sonne la cloche et fait demi-tour. À dix heures vingt-cinq, Kwame saute à bord.',
      },
      es: {
        title: 'La campana de la barca',
        text: 'A las diez y cinco Kwame todavía está en el camino. La barca sale a las diez y diez. Él corre. A las diez y veinte está en el muelle vacío y saluda con la mano. El barquero toca la campana y da la vuelta. A las diez y veinticinco Kwame salta a bordo.',
      },
    },
  },
  {
    id: 'lamp-lighter',
    rung: 'to-fives',
    told: {
      en: {
        title: 'The lamp-lighter',
        text: 'At twenty to six the lamp-lighter takes his pole. At ten to six the first lamp burns by the lock. Mirela walks beside him and counts. At five to six the bridge is bright. At six o’clock only one lamp is dark: the one over Mirela’s own door.',
      },
      de: {
        title: 'Der Lampenanzünder',
        text: 'Um zwanzig vor sechs nimmt der Lampenanzünder seine Stange. Um zehn vor sechs brennt die erste Lampe an der Schleuse. Mirela geht neben ihm und zählt. Um fünf vor sechs ist die Brücke hell. Um sechs Uhr ist nur noch eine Lampe dunkel: die über Mirelas eigener Tür.',
      },
      fr: {
        title: 'L’allumeur de lampes',
        text: 'À six heures moins vingt, l’allumeur prend sa perche. À six heures moins dix, la première lampe brûle près de l’écluse. Mirela marche à côté de lui et compte. À six heures moins cinq, le pont est éclairé. À six heures, une seule lampe reste éteinte : celle de la porte de Mirela.',
      },
      es: {
        title: 'El farolero',
        text: 'A las seis menos veinte el farolero toma su vara. A las seis menos diez arde el primer farol junto a la esclusa. Mirela camina a su lado y cuenta. A las seis menos cinco el puente está iluminado. A las seis solo queda un farol apagado: el de la puerta de Mirela.',
      },
    },
  },
  {
    id: 'kingfisher',
    rung: 'minute',
    told: {
      en: {
        title: 'The kingfisher minute',
        text: 'They sat down by the bridge at twelve minutes past two. Nobody was to speak. At seventeen minutes past two Bram sneezed. They began again. At twenty-nine minutes past two a blue flash went under the arch. Ilse wrote the minute down, for nobody would believe it.',
      },
      de: {
        title: 'Die Minute des Eisvogels',
        text: 'Um zwölf Minuten nach zwei setzten sie sich an die Brücke. Keiner durfte reden. Um siebzehn Minuten nach zwei nieste Bram. Sie fingen noch einmal an. Um eine Minute vor halb drei flog ein blauer Blitz unter dem Bogen durch. Ilse schrieb die Minute auf, sonst hätte es keiner geglaubt.',
      },
      fr: {
        title: 'La minute du martin-pêcheur',
        text: 'Ils s’assirent près du pont à deux heures douze. Personne ne devait parler. À deux heures dix-sept, Bram éternua. Ils recommencèrent. À deux heures vingt-neuf, un éclair bleu passa sous l’arche. Ilse nota la minute, sinon personne ne l’aurait cru.',
      },
      es: {
        title: 'El minuto del martín pescador',
        text: 'Se sentaron junto al puente a las dos y doce. Nadie debía hablar. A las dos y diecisiete Bram estornudó. Empezaron de nuevo. A las dos y veintinueve un destello azul pasó bajo el arco. Ilse apuntó el minuto, porque nadie lo creería.',
      },
    },
  },
  {
    id: 'two-clocks',
    rung: 'digital',
    told: {
      en: {
        title: 'Two clocks that did not agree',
        text: 'At 8:05 the clock on the boat struck. At 8:20 the one on the tower struck too. At 8:30 the lock-keeper came with the radio. Everybody listened. At 8:45 the two clocks agreed at last.',
      },
      de: {
        title: 'Zwei Uhren, die sich nicht einig waren',
        text: 'Um 8:05 Uhr schlug die Uhr auf dem Boot. Um 8:20 Uhr schlug die am Turm. Um 8:30 Uhr kam die Schleusenwärterin mit dem Radio. Alle hörten zu. Um 8:45 Uhr gingen beide Uhren endlich gleich.',
      },
      fr: {
        title: 'Deux horloges en désaccord',
        text: 'À 8:05, l’horloge du bateau sonna. À 8:20, celle de la tour sonna aussi. À 8:30, l’éclusière arriva avec la radio. Tout le monde écouta. À 8:45, les deux horloges étaient enfin d’accord.',
      },
      es: {
        title: 'Dos relojes que no estaban de acuerdo',
        text: 'A las 8:05 sonó el reloj del barco. A las 8:20 sonó el de la torre. A las 8:30 llegó la esclusera con la radio. Todos escucharon. A las 8:45 los dos relojes por fin estaban de acuerdo.',
      },
    },
  },
  {
    id: 'long-day',
    rung: 'day-halves',
    told: {
      en: {
        title: 'Twice seven',
        text: 'At seven in the morning Juniper eats an egg. At noon she eats soup on the deck. At three in the afternoon she shares an apple with Tavi. At seven in the evening she eats another egg. “The clock looks just as it did this morning,” she says, and everyone laughs.',
      },
      de: {
        title: 'Zweimal sieben',
        text: 'Um sieben Uhr morgens isst Juniper ein Ei. Am Mittag isst sie an Deck Suppe. Um drei Uhr nachmittags teilt sie mit Tavi einen Apfel. Um sieben Uhr abends isst sie noch ein Ei. „Es war doch gerade erst so spät“, sagt sie, und alle lachen.',
      },
      fr: {
        title: 'Deux fois sept',
        text: 'À sept heures du matin, Juniper mange un œuf. À midi, elle mange de la soupe sur le bateau. À trois heures de l’après-midi, elle partage une pomme avec Tavi. À sept heures du soir, elle mange encore un œuf. « C’était la même heure tout à l’heure », dit-elle, et tout le monde rit.',
      },
      es: {
        title: 'Dos veces las siete',
        text: 'A las siete de la mañana Juniper come un huevo. Al mediodía toma sopa en la cubierta. A las tres de la tarde comparte una manzana con Tavi. A las siete de la tarde come otro huevo. «Antes también era esta hora», dice, y todos se ríen.',
      },
    },
  },
  {
    id: 'night-boat',
    rung: 'day-24',
    told: {
      en: {
        title: 'The night boat',
        text: 'Kwame is allowed to stay up tonight. At 20:15 he packs his lamp. At 21:30 he stands on the pier in his coat. The night boat is due at 21:40. It comes at 21:50, with all its windows lit.',
      },
      de: {
        title: 'Das Nachtschiff',
        text: 'Kwame darf heute aufbleiben. Um 20:15 Uhr packt er seine Lampe ein. Um 21:30 Uhr steht er im Mantel auf dem Steg. Das Nachtschiff soll um 21:40 Uhr kommen. Es kommt um 21:50 Uhr, und alle seine Fenster leuchten.',
      },
      fr: {
        title: 'Le bateau de nuit',
        text: 'Ce soir, Kwame a le droit de veiller. À 20 h 15, il prépare sa lampe. À 21 h 30, il attend sur le ponton dans son manteau. Le bateau doit arriver à 21 h 40. Il arrive à 21 h 50, toutes ses fenêtres allumées.',
      },
      es: {
        title: 'El barco de la noche',
        text: 'Hoy Kwame puede acostarse tarde. A las 20:15 prepara su farol. A las 21:30 espera en el muelle con su abrigo. El barco debe llegar a las 21:40. Llega a las 21:50, con todas las ventanas iluminadas.',
      },
    },
  },
  {
    id: 'dough',
    rung: 'later',
    told: {
      en: {
        title: 'Waiting for the dough',
        text: 'At nine o’clock Odalys mixes the dough. Half an hour later it is as big as a fist. Half an hour later it is as big as a head. She cannot wait and opens the oven. Twenty minutes later the rolls are done. They are a little flat, but they taste of butter.',
      },
      de: {
        title: 'Warten auf den Teig',
        text: 'Um neun Uhr rührt Odalys den Teig. Eine halbe Stunde später ist er so groß wie eine Faust. Eine halbe Stunde danach ist er so groß wie ein Kopf. Sie kann nicht warten und macht den Ofen auf. Zwanzig Minuten später sind die Brötchen fertig. Sie sind ein wenig flach, aber sie schmecken nach Butter.',
      },
      fr: {
        title: 'En attendant la pâte',
        text: 'À neuf heures, Odalys mélange la pâte. Une demi-heure plus tard, elle est grosse comme un poing. Une demi-heure après, elle est grosse comme une tête. Odalys n’y tient plus et ouvre le four. Vingt minutes plus tard, les petits pains sont cuits. Ils sont un peu plats, mais ils ont le goût du beurre.',
      },
      es: {
        title: 'Esperando la masa',
        text: 'A las nueve Odalys mezcla la masa. Media hora después es grande como un puño. Media hora más tarde es grande como una cabeza. No puede esperar y abre el horno. Veinte minutos después los panecillos están listos. Son un poco planos, pero saben a mantequilla.',
      },
    },
  },
  {
    id: 'late-for-the-ferry',
    rung: 'elapsed',
    told: {
      en: {
        title: 'Late for the ferry',
        text: 'The club meets at quarter to nine. They paint until ten past ten. From twenty past ten to quarter to twelve they walk along the canal. Bram finds a feather. The ferry should come at ten to twelve, but it comes at five past twelve. Nobody minds, for the sun is out.',
      },
      de: {
        title: 'Zu spät für die Fähre',
        text: 'Die Gruppe trifft sich um Viertel vor neun. Sie malen bis zehn nach zehn. Von zwanzig nach zehn bis Viertel vor zwölf gehen sie am Kanal entlang. Bram findet eine Feder. Die Fähre soll um zehn vor zwölf kommen, aber sie kommt um fünf nach zwölf. Das stört keinen, denn die Sonne scheint.',
      },
      fr: {
        title: 'Le bac en retard',
        text: 'Le club se retrouve à neuf heures moins le quart. On peint jusqu’à dix heures dix. De dix heures vingt à onze heures quarante-cinq, on marche le long du canal. Bram trouve une plume. Le bac doit arriver à onze heures cinquante, mais il arrive à midi cinq. Cela ne fait rien, il y a du soleil.',
      },
      es: {
        title: 'La barca llega tarde',
        text: 'El club se reúne a las nueve menos cuarto. Pintan hasta las diez y diez. Desde las diez y veinte hasta las doce menos cuarto caminan junto al canal. Bram encuentra una pluma. La barca debe llegar a las doce menos diez, pero llega a las doce y cinco. A nadie le importa, porque hace sol.',
      },
    },
  },
  {
    id: 'museum',
    rung: 'work-back',
    told: {
      en: {
        title: 'When must we leave?',
        text: 'At two o’clock Ilse has only one shoe on. At ten past two they set off. The walk takes twenty minutes. At half past two they stand at the door of the lock museum. It closes at four o’clock.',
      },
      de: {
        title: 'Wann müssen wir los?',
        text: 'Um zwei Uhr hat Ilse erst einen Schuh an. Um zehn nach zwei gehen sie los. Der Weg dauert zwanzig Minuten. Um halb drei stehen sie vor dem Schleusenmuseum. Um vier Uhr macht es zu.',
      },
      fr: {
        title: 'Quand faut-il partir ?',
        text: 'À deux heures, Ilse n’a qu’une chaussure. À deux heures dix, ils partent. Le chemin dure vingt minutes. À deux heures et demie, ils sont devant le musée de l’écluse. Il ferme à quatre heures.',
      },
      es: {
        title: '¿Cuándo hay que salir?',
        text: 'A las dos Ilse solo tiene un zapato puesto. A las dos y diez salen. El camino dura veinte minutos. A las dos y media están ante el museo de la esclusa. Cierra a las cuatro.',
      },
    },
  },
  {
    id: 'wall-plan',
    rung: 'timetable',
    told: {
      en: {
        title: 'The plan on the wall',
        text: 'Every Saturday the plan hangs by the door. The lock opens at 9:10. Stories begin at 9:30. At 11:15 there is bread from the barge. The ferry goes at 11:40. Today somebody has hung the plan upside down, and Tavi reads it standing on his head.',
      },
      de: {
        title: 'Der Plan an der Wand',
        text: 'Jeden Samstag hängt der Plan neben der Tür. Um 9:10 Uhr öffnet die Schleuse. Um 9:30 Uhr beginnen die Geschichten. Um 11:15 Uhr gibt es Brot vom Boot. Um 11:40 Uhr fährt die Fähre. Heute hängt der Plan verkehrt herum, und Tavi liest ihn im Kopfstand.',
      },
      fr: {
        title: 'Le plan au mur',
        text: 'Chaque samedi, le plan est accroché près de la porte. L’écluse ouvre à 9:10. Les histoires commencent à 9:30. À 11:15, il y a du pain. Le bac part à 11:40. Aujourd’hui, on a accroché le plan à l’envers, et Tavi le lit la tête en bas.',
      },
      es: {
        title: 'El plan de la pared',
        text: 'Cada sábado el plan cuelga junto a la puerta. La esclusa abre a las 9:10. Los cuentos empiezan a las 9:30. A las 11:15 hay pan del barco. La barca sale a las 11:40. Hoy alguien ha colgado el plan al revés, y Tavi lo lee cabeza abajo.',
      },
    },
  },
  {
    id: 'about-five',
    rung: 'rounding',
    told: {
      en: {
        title: 'About that time',
        text: 'Bram called out at eighteen minutes past three. He rounded it and laughed. Mirela called at nine minutes to four. The lock-keeper wrote it all down. At four o’clock she rang her bell, and that was exact.',
      },
      de: {
        title: 'So ungefähr',
        text: 'Bram rief um achtzehn Minuten nach drei. Er rundete und lachte. Mirela rief um neun Minuten vor vier. Die Schleusenwärterin schrieb alles auf. Um vier Uhr läutete sie die Glocke, und das war ganz genau.',
      },
      fr: {
        title: 'À peu près',
        text: 'Bram appela à trois heures dix-huit. Il arrondit et rit. Mirela appela à trois heures cinquante et une. L’éclusière nota tout. À quatre heures, elle sonna la cloche, et c’était tout à fait juste.',
      },
      es: {
        title: 'Más o menos',
        text: 'Bram llamó a las tres y dieciocho. Redondeó y se rió. Mirela llamó a las cuatro menos nueve. La esclusera lo apuntó todo. A las cuatro tocó la campana, y eso fue en punto.',
      },
    },
  },
]

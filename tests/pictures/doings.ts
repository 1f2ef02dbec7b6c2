/*
 * What children do in a day, as adults in four languages write it into a row, and the pictures that a child would take
 * for it. Written apart from the words of the pictures. An own drawing goes by its name, one of the set by its sign.
 */

/** Signs that fit, then English, German, French and Spanish. */
const ROWS = `
🌅🌄☀️🌞sun|wake up|aufwachen|réveil|despertarse
🌅🌄☀️🌞🛏️sun|get up|aufstehen|se lever|levantarse
🥣🍳☕🥐cup|breakfast|Frühstück|petit-déjeuner|desayuno
🍽️🍲plate|lunch|Mittagessen|déjeuner|comida
🍽️🍲plate|dinner|Abendessen|dîner|cena
🍽️🍲🥪plate|supper time|Abendbrot|souper|cenar
🍎🍪🥪🍌apple|snack|Zwischenmahlzeit|goûter|merienda
🍎🍌🍇apple|fruit break|Obstpause|pause fruits|fruta
🥛🧃💧🥤cup|a glass of milk|ein Glas Milch|un verre de lait|un vaso de leche
🪥🦷|brush teeth|Zähne putzen|se brosser les dents|cepillarse los dientes
🧼drop🚰|wash hands|Hände waschen|se laver les mains|lavarse las manos
🛁drop|bath time|baden|bain|baño
🚿drop|have a shower|duschen|douche|ducha
🚽|go to the toilet|auf die Toilette|aller aux toilettes|ir al retrete
🪮💇|comb hair|Haare kämmen|se coiffer|peinarse
👕👚👖🧥|get dressed|anziehen|s’habiller|vestirse
👟👞shoe|put on shoes|Schuhe anziehen|mettre les chaussures|ponerse los zapatos
🧥|put on your coat|Jacke anziehen|mettre le manteau|ponerse el abrigo
🎒👜bag|pack the bag|Ranzen packen|préparer le cartable|preparar la mochila
🏫🎒book|school starts|Schulbeginn|début de l’école|empieza el colegio
🏫🎒book|school|Schule|école|colegio
🧸🏫ball|nursery|Kindergarten|crèche|guardería
🚌bus|bus|Bus|bus|autobús
🚌bus|school bus|Schulbus|bus scolaire|autobús escolar
🚗🚙|by car to Grandma|Autofahrt|trajet en voiture|en coche
🚲🚴|bike ride|Fahrrad fahren|faire du vélo|montar en bici
🚆🚂🚉🚄|train to town|Zug in die Stadt|train|tren
🚊🚋🚃|tram|Straßenbahn|tramway|tranvía
⛴️⛵🚢🛳️boat|ferry|Fähre|ferry|ferri
⛵🚤🛶⛴️🚢boat|boat trip|Bootsfahrt|promenade en bateau|paseo en barco
✈️🛫|flight|Flug|avion|avión
🚶shoe|walk to school|zu Fuß zur Schule|à pied à l’école|andando al colegio
🚶🌳shoe|go for a walk|spazieren gehen|promenade|paseo
🛝⚽🎠ball|playground|Spielplatz|aire de jeux|parque infantil
🌳🏞️tree|in the park|im Park|au parc|en el parque
🌳🌲🏞️tree|outside|draußen|dehors|al aire libre
🌻🌱🪴🌷tree|in the garden|im Garten|au jardin|en el jardín
🌲🌳tree|forest day|Waldtag|sortie en forêt|excursión al bosque
🏖️🌊|beach|Strand|plage|playa
🏊|swimming lesson|Schwimmkurs|natation|natación
🏊🏖️|swimming pool|Schwimmbad|piscine|piscina
⚽ball|football training|Fußballtraining|entraînement de foot|entrenamiento de fútbol
🤸🏃⚽|gym|Turnen|gymnastique|gimnasia
🤸🏃⚽|sports|Sport|sport|deporte
🏃|running|Wettrennen|course à pied|carrera
💃🩰|dance class|Tanzen|danse|baile
💃🩰|ballet|Ballett|ballet|ballet
🎵🎶🎼note|music|Musik|musique|música
🎵🎶🎤note|singing|Singen|chant|cantar
🎵🎶🎤note|choir|Chor|chorale|coro
🎹|piano lesson|Klavierstunde|leçon de piano|clase de piano
🎸|guitar|Gitarre|guitare|guitarra
🥁|drums|Trommeln|tambour|tambor
🎨🖌️🖍️paintpencil|painting|Malen|peinture|pintar
🎨🖍️✏️🖌️paintpencil|drawing|Zeichnen|dessin|dibujar
✂️🎨🖍️paint|crafts|Basteln|bricolage|manualidades
🧱|building blocks|Bausteine|jeux de construction|bloques de construcción
🧸🪀🎲ball|play with toys|Spielzeug|jouets|juguetes
🧸🪀🎲⚽ball|free play|Freispiel|jeu libre|juego libre
🧩|jigsaw|Puzzle|puzzle|rompecabezas
🎲♟️|board game|Brettspiel|jeu de société|juego de mesa
📖📚📕book|reading|Lesen|lecture|lectura
📖📚📕book|story time|Vorlesen|histoire|cuento
📚📖book|library|Bücherei|bibliothèque|biblioteca
✏️📝✍️pencil|writing|Schreiben|écriture|escritura
📝✏️📚pencil|homework|Hausaufgaben|devoirs|deberes
🧮🔢sums|maths|Mathe|maths|matemáticas
🧮🔢sums|counting|Rechnen|calcul|contar
🔬🧪🔭|science|Experimente|sciences|ciencias
🌍🌎🌏🗺️|geography|Erdkunde|géographie|geografía
👥🪑🗣️⭕|circle time|Morgenkreis|regroupement|asamblea
👥🪑🗣️|assembly|Versammlung|réunion|reunión
😴🛌🛏️moon|quiet time|Ruhezeit|temps calme|descanso
😴🛌🛏️moon|nap|Mittagsschlaf|sieste|siesta
🛏️🛌😴moon|bedtime|Schlafenszeit|coucher|hora de dormir
🛏️🛌😴moon|go to bed|ins Bett gehen|au lit|a la cama
📺|television|Fernsehen|télé|tele
🎬📺🎥🎞️|film|Film|film|película
💻🖥️📱|computer|Computer|ordinateur|ordenador
📞☎️📱|phone Grandpa|Opa anrufen|téléphoner à papi|llamar al abuelo
👵🧓👴|Granny comes|Oma kommt|mamie arrive|viene la abuela
👴🧓👵|Grandad|Opa|papi|abuelo
👶🍼|baby sister|Baby|bébé|bebé
🐕🐶🦮|walk the dog|mit dem Hund raus|promener le chien|pasear al perro
🐈🐱|feed the cat|Katze füttern|nourrir le chat|dar de comer al gato
🐇🐰|rabbit|Hase|lapin|conejo
🐟🐠🐡|feed the fish|Fische füttern|nourrir les poissons|dar de comer a los peces
🐴🐎🏇|riding lesson|Reiten|équitation|montar a caballo
🐔🐓🐥🐣|chickens|Hühner füttern|les poules|gallinas
🐦🐤🕊️🪺bird|watch birds|Vögel beobachten|les oiseaux|pájaros
🩺🏥|doctor|Kinderarzt|médecin|médico
🦷🪥|dentist|Zahnarzt|dentiste|dentista
💊🤒|medicine|Medizin|médicament|medicina
💇✂️💈|haircut|Friseur|coiffeur|peluquero
🛒🛍️|shopping|Einkaufen|courses|compras
🛒🛍️|supermarket|Supermarkt|supermarché|supermercado
🧺🛒🛍️🥕🍎|market|Markt|marché|mercado
🍳👩‍🍳🧑‍🍳🍲🥘|cooking|Kochen|cuisiner|cocinar
🧁🍪🎂🥧🍞🍰|baking|Backen|gâteaux|hacer un pastel
🎂🎉🎈🎁|birthday|Geburtstag|anniversaire|cumpleaños
🎉🎂🎈🥳|party|Feier|fête|fiesta
🍞🥖🥐bread|bread|Brot|pain|pan
🥪🍞bread|sandwich|Butterbrot|sandwich|bocadillo
🍕|pizza|Pizza|pizza|pizza
🍲🥣🍜|soup|Suppe|soupe|sopa
🍦🍨🍧|ice cream|Eis essen|glace|helado
🍌|banana|Banane|banane|plátano
🥚🍳|egg|Ei|œuf|huevo
🧹🧺🧽|tidy up|aufräumen|ranger|recoger
🧹🧽🧼🪣|cleaning|Putzen|ménage|limpiar
🧽🍽️🧼drop|washing up|Abwasch|vaisselle|fregar los platos
🧺👕🧼|laundry|Wäsche|lessive|colada
🗑️🚮|take out the rubbish|Müll rausbringen|sortir la poubelle|sacar la basura
🪴🌱🌷🌻|water the plants|Blumen gießen|arroser les plantes|regar las plantas
🏠🏡house|go home|nach Hause|rentrer à la maison|volver a casa
🏠🏡🚗house|pick-up|Abholen|on vient me chercher|recogida
💼🏢|work|Arbeit|travail|trabajo
⛪|church|Kirche|église|iglesia
🕌|mosque|Moschee|mosquée|mezquita
🎬🎥🍿🎞️|cinema|Kino|cinéma|cine
🎭🧑‍🎤|theatre|Theater|théâtre|teatro
🏛️🖼️🦕|museum|Museum|musée|museo
🦁🐘🦒🐒🐅🦓|zoo|Zoo|zoo|zoo
🐄🐮🚜🐖🐔|farm|Bauernhof|ferme|granja
⛺🏕️|camping|Zelten|camping|acampar
🧺🥪🌳|picnic|Picknick|pique-nique|pícnic
☔🌧️🌂|rain break|Regenpause|il pleut|lluvia
⛄❄️☃️🛷|snow|Schnee|neige|nieve
✉️📬📮📫💌|post|Post|courrier|correo
🪣🏖️|sandpit|Sandkasten|bac à sable|arenero
⛸️|ice skating|Schlittschuhlaufen|patinage|patinaje
⛷️🎿|skiing|Skifahren|ski|esquiar
🛷|sledging|Schlittenfahren|luge|trineo
🛴|scooter|Roller fahren|trottinette|patinete
🧗|climbing|Klettern|escalade|escalar
🥋|judo|Judo|judo|judo
🎾|tennis|Tennis|tennis|tenis
🏀⚽ball|basketball|Basketball|basket|baloncesto
🎣🐟|fishing|Angeln|pêche|pescar
🪁|fly a kite|Drachen steigen lassen|cerf-volant|cometa
🎈|balloon|Luftballon|ballon de baudruche|globo
🎁|presents|Geschenke|cadeaux|regalos
🎄🎅|Christmas tree|Weihnachtsbaum|sapin de Noël|árbol de Navidad
🕯️|candles|Kerzen|bougies|velas
💡🕯️🪔🏮lamp|light the lamps|Lampen anzünden|allumer les lampes|encender las lámparas
🌙🌛⭐🌃moon|night|Nacht|nuit|noche
⭐🌟🌠🌌|look at the stars|Sterne ansehen|regarder les étoiles|mirar las estrellas
🏥🩺|hospital|Krankenhaus|hôpital|hospital
🤒😷🤧🛏️|ill in bed|krank|malade|enfermo
🪑🍽️|lay the table|Tisch decken|mettre la table|poner la mesa
🥕🥦🥬🍅|vegetables|Gemüse|légumes|verduras
🥕|carrot|Karotte|carotte|zanahoria
🍓🫐🍇🍒|strawberries|Erdbeeren|fraises|fresas
🥤🧃🥛💧🚰cup|drink something|etwas trinken|boire|beber
💧🚰🥤drop|drink water|Wasser trinken|boire de l’eau|beber agua
🍪|biscuits|Kekse|biscuits|galletas
🥞|pancakes|Pfannkuchen|crêpes|tortitas
🍝|spaghetti|Spaghetti|spaghettis|espaguetis
🚜|tractor|Traktor|tracteur|tractor
🚒🧑‍🚒|fire engine|Feuerwehr|pompiers|bomberos
👮🚓🚔|police|Polizei|police|policía
🏰|castle|Burg|château|castillo
🎠🎡🎢🎪|funfair|Jahrmarkt|fête foraine|feria
🎪🤹🤡|circus|Zirkus|cirque|circo
🤹|juggling|Jonglieren|jongler|malabares
🧶|knitting|Stricken|tricot|hacer punto
🪡🧵|sewing|Nähen|couture|coser
🔨🪚🛠️🔧|woodwork|Werken|menuiserie|carpintería
📷📸|photo day|Fototermin|photo de classe|foto de clase
🎒🚶🥾⛰️🏔️|hike|Wandern|randonnée|excursión a pie
⛰️🏔️🗻|mountains|Berge|montagne|montaña
🏞️🌊💧🦆|river|Fluss|rivière|río
🦆|feed the ducks|Enten füttern|nourrir les canards|dar de comer a los patos
🐝🍯|bees|Bienen|abeilles|abejas
🦋|butterflies|Schmetterlinge|papillons|mariposas
🐌|snails|Schnecken|escargots|caracoles
🐑|sheep|Schafe|moutons|ovejas
🐐|goats|Ziegen|chèvres|cabras
🦔|hedgehog|Igel|hérisson|erizo
🍂🍁|autumn leaves|Herbstblätter|feuilles d’automne|hojas de otoño
🌷🌸🌼🌻💐|flowers|Blumen|fleurs|flores
🎤🎵note|karaoke|Karaoke|karaoké|karaoke
🗣️🇬🇧📖|English lesson|Englisch|anglais|inglés
💰🪙🐷👛|pocket money|Taschengeld|argent de poche|paga
🏦💰|bank|Bank|banque|banco
🚦🚥|traffic lights|Ampel|feu rouge|semáforo
🛗🪜|lift|Aufzug|ascenseur|ascensor
🔑🗝️|keys|Schlüssel|clés|llaves
👓|glasses|Brille|lunettes|gafas
🧤🧣|gloves|Handschuhe|gants|guantes
🧢👒|sun hat|Sonnenhut|chapeau de soleil|gorro de sol
🧴|sun cream|Sonnencreme|crème solaire|crema solar
🩹|plaster|Pflaster|pansement|tirita
🧦|socks|Socken|chaussettes|calcetines
🤗🧸|cuddle|Kuscheln|câlin|abrazo
🍿|popcorn|Popcorn|pop-corn|palomitas
🎻|violin|Geige|violon|violín
🐢|tortoise|Schildkröte|tortue|tortuga
🚀|rocket|Rakete|fusée|cohete
🦖🦕|dinosaurs|Dinosaurier|dinosaures|dinosaurios
👋🚗🏠|say goodbye|Abschied|dire au revoir|despedida
`

export interface Doing {
  readonly fitting: readonly string[]
  readonly said: Readonly<Record<'en-GB' | 'de' | 'fr' | 'es', string>>
}

const codePoints = (sign: string): string =>
  `u${[...sign]
    .map((each) => each.codePointAt(0)?.toString(16))
    .filter((code) => code !== 'fe0f')
    .join('-')}`

/** The signs at the start of a row, then the names of own drawings. */
const fittingIn = (text: string): string[] =>
  [...new Intl.Segmenter('en', { granularity: 'grapheme' }).segment(text.replace(/[a-z]+$/, ''))]
    .map(({ segment }) => codePoints(segment))
    .concat(OWN.filter((name) => (/[a-z]+$/.exec(text)?.[0] ?? '').includes(name)))

const OWN = [
  'sun',
  'cup',
  'plate',
  'bread',
  'apple',
  'book',
  'pencil',
  'sums',
  'ball',
  'paint',
  'note',
  'shoe',
  'house',
  'bus',
  'boat',
  'bird',
  'tree',
  'drop',
  'bag',
  'lamp',
  'moon',
]

export const DOINGS: readonly Doing[] = ROWS.trim()
  .split('\n')
  .map((row) => {
    const [fitting = '', en = '', de = '', fr = '', es = ''] = row.split('|')
    return { fitting: fittingIn(fitting), said: { 'en-GB': en, de, fr, es } }
  })

import type { ShelfStory } from './types'

/** Stories of whole hours, halves and quarters. */
export const earlyStories: readonly ShelfStory[] = [
  {
    id: 'first-bread',
    rung: 'oclock',
    told: {
      en: {
        title: 'The first bread',
        text: 'At four o’clock in the morning the baker lights the oven on the barge. At six o’clock the first loaves are brown. Tavi can smell them in bed. At seven o’clock he stands at the hatch with his basket. The baker laughs and puts a warm roll on top.',
      },
      de: {
        title: 'Das erste Brot',
        text: 'Um vier Uhr morgens heizt der Bäcker auf dem Boot den Ofen an. Um sechs Uhr sind die ersten Brote braun. Tavi riecht sie noch im Bett. Um sieben Uhr steht er mit seinem Korb an der Luke. Der Bäcker lacht und legt ein warmes Brötchen obendrauf.',
      },
      fr: {
        title: 'Le premier pain',
        text: 'À quatre heures du matin, le boulanger allume le four de son bateau. À six heures, les premiers pains sont dorés. Tavi les sent de son lit. À sept heures, il est devant le hublot avec son panier. Le boulanger rit et pose un petit pain chaud sur le tas.',
      },
      es: {
        title: 'El primer pan',
        text: 'A las cuatro de la mañana, el panadero enciende el horno de su barco. A las seis, los primeros panes están dorados. Tavi los huele desde la cama. A las siete espera junto a la ventanilla con su cesta. El panadero se ríe y le pone encima un panecillo caliente.',
      },
    },
  },
  {
    id: 'sleepy-heron',
    rung: 'hour-hand',
    told: {
      en: {
        title: 'The sleepy heron',
        text: 'It is eight o’clock. A heron stands in the reeds on one leg. At nine o’clock it still stands there. Juniper thinks it is asleep. At ten o’clock a fish jumps. The heron was not asleep at all!',
      },
      de: {
        title: 'Der müde Reiher',
        text: 'Es ist acht Uhr. Ein Reiher steht auf einem Bein im Schilf. Um neun Uhr steht er immer noch da. Juniper glaubt, er schläft. Um zehn Uhr springt ein Fisch. Der Reiher hat gar nicht geschlafen!',
      },
      fr: {
        title: 'Le héron endormi',
        text: 'Il est huit heures. Un héron se tient sur une patte dans les roseaux. À neuf heures, il est toujours là. Juniper croit qu’il dort. À dix heures, un poisson saute. Le héron ne dormait pas du tout !',
      },
      es: {
        title: 'La garza dormida',
        text: 'Son las ocho. Una garza está entre los juncos sobre una pata. A las nueve sigue allí. Juniper cree que duerme. A las diez salta un pez. ¡La garza no dormía!',
      },
    },
  },
  {
    id: 'half-a-gate',
    rung: 'half',
    told: {
      en: {
        title: 'The gate that stuck',
        text: 'The lock-keeper comes at half past eight. She turns the wheel, but the gate opens only half. At half past nine three boats are waiting. Odalys brings a pot of grease. At half past ten the gate swings wide, and all the boats hoot.',
      },
      de: {
        title: 'Das Tor, das klemmte',
        text: 'Die Schleusenwärterin kommt um halb neun. Sie dreht am Rad, aber das Tor geht nur zur Hälfte auf. Um halb zehn warten drei Boote. Odalys holt einen Topf Schmierfett. Um halb elf schwingt das Tor weit auf, und alle Boote tuten.',
      },
      fr: {
        title: 'La porte coincée',
        text: 'L’éclusière arrive à huit heures et demie. Elle tourne la roue, mais la porte ne s’ouvre qu’à moitié. À neuf heures et demie, trois bateaux attendent. Odalys apporte un pot de graisse. À dix heures et demie, la porte s’ouvre en grand et tous les bateaux klaxonnent.',
      },
      es: {
        title: 'La compuerta atascada',
        text: 'La esclusera llega a las ocho y media. Gira la rueda, pero la compuerta solo se abre a medias. A las nueve y media esperan tres barcos. Odalys trae un bote de grasa. A las diez y media la compuerta se abre del todo y los barcos tocan la bocina.',
      },
    },
  },
  {
    id: 'four-quarters',
    rung: 'quarters',
    told: {
      en: {
        title: 'Four slices of pie',
        text: 'At three o’clock there is a whole pie on the table. At quarter past three Bram takes a slice. At half past three Mirela takes one. At quarter to four a third one is gone, and nobody says who it was. At four o’clock only the dish is left. The cat looks very pleased.',
      },
      de: {
        title: 'Vier Stücke Kuchen',
        text: 'Um drei Uhr steht ein ganzer Kuchen auf dem Tisch. Um Viertel nach drei nimmt Bram ein Stück. Um halb vier nimmt Mirela eins. Um Viertel vor vier fehlt ein drittes, und keiner sagt, wer es war. Um vier Uhr ist nur noch der Teller da. Die Katze sieht sehr zufrieden aus.',
      },
      fr: {
        title: 'Quatre parts de tarte',
        text: 'À trois heures, il y a une tarte entière sur la table. À trois heures et quart, Bram prend une part. À trois heures et demie, Mirela en prend une. À quatre heures moins le quart, il en manque une troisième, et personne ne dit qui l’a prise. À quatre heures, il ne reste que le plat. Le chat a l’air très content.',
      },
      es: {
        title: 'Cuatro trozos de tarta',
        text: 'A las tres hay una tarta entera en la mesa. A las tres y cuarto Bram toma un trozo. A las tres y media Mirela toma otro. A las cuatro menos cuarto falta el tercero, y nadie dice quién fue. A las cuatro solo queda el plato. El gato parece muy contento.',
      },
    },
  },
  {
    id: 'clock-face',
    rung: 'parts',
    told: {
      en: {
        title: 'The clock without hands',
        text: 'In the wheelhouse hangs a clock without hands. Wren finds a short one under the bench at nine o’clock. Ilse finds the long one in the rope box at ten o’clock. Together they push them on. At eleven o’clock the old clock ticks again.',
      },
      de: {
        title: 'Die Uhr ohne Zeiger',
        text: 'Im Steuerhaus hängt eine Uhr ohne Zeiger. Wren findet um neun Uhr einen kurzen unter der Bank. Ilse findet um zehn Uhr den langen in der Seilkiste. Zusammen stecken sie sie auf. Um elf Uhr tickt die alte Uhr wieder.',
      },
      fr: {
        title: 'L’horloge sans aiguilles',
        text: 'Dans la cabine pend une horloge sans aiguilles. À neuf heures, Wren trouve la petite sous le banc. À dix heures, Ilse trouve la grande dans la caisse à cordes. Ensemble, ils les remettent. À onze heures, la vieille horloge fait de nouveau tic-tac.',
      },
      es: {
        title: 'El reloj sin agujas',
        text: 'En la cabina cuelga un reloj sin agujas. A las nueve Wren encuentra la corta debajo del banco. A las diez Ilse encuentra la larga en la caja de cuerdas. Juntas las colocan. A las once el viejo reloj vuelve a sonar.',
      },
    },
  },
  {
    id: 'counting-ducks',
    rung: 'fives',
    told: {
      en: {
        title: 'Ducks by fives',
        text: 'At five past nine there are five ducks by the boat. At ten past nine there are ten. Tavi runs for more bread. At quarter past nine the bread is gone. At twenty past nine so are the ducks.',
      },
      de: {
        title: 'Enten in Fünfern',
        text: 'Um fünf nach neun sind fünf Enten beim Boot. Um zehn nach neun sind es zehn. Tavi läuft und holt mehr Brot. Um Viertel nach neun ist das Brot weg. Um zwanzig nach neun sind es auch die Enten.',
      },
      fr: {
        title: 'Des canards cinq par cinq',
        text: 'À neuf heures cinq, il y a cinq canards près du bateau. À neuf heures dix, il y en a dix. Tavi court chercher du pain. À neuf heures et quart, il n’y a plus de pain. À neuf heures vingt, il n’y a plus de canards.',
      },
      es: {
        title: 'Patos de cinco en cinco',
        text: 'A las nueve y cinco hay cinco patos junto al barco. A las nueve y diez hay diez. Tavi corre a buscar más pan. A las nueve y cuarto ya no hay pan. A las nueve y veinte tampoco hay patos.',
      },
    },
  },
]

import type { WordsByActivity } from '../../types'

export const germanHandsOn: WordsByActivity = {
  'find-the-parts': {
    name: 'Die Teile finden',
    steps: [
      'Eine Uhr in die Mitte stellen, die angefasst werden darf.',
      'Einen Teil nennen: Zifferblatt, Mitte, Stundenzeiger, Minutenzeiger. Ein Kind fasst ihn an und sagt seinen Namen.',
      'Jetzt selbst einen anfassen; die Kinder nennen ihn.',
    ],
    say: 'Zeig mir den kurzen, dicken. Wofür ist er?',
    lookFor: 'Die Zeiger werden an Länge und Form unterschieden, gleich welche Farbe sie haben.',
    easier: 'Nur Zifferblatt und Zeiger.',
    harder: 'Mit geschlossenen Augen ertasten, welcher Zeiger es ist.',
  },
  'put-a-clock-together': {
    name: 'Eine Uhr zusammenlegen',
    steps: [
      'Jedes Kind hat einen Papierkreis, zwölf Spielsteine und zwei Streifen, einen kurzen, dicken und einen langen, schmalen.',
      'Die Steine an den Rand legen: zuerst oben und unten, dann an beiden Seiten, dann je zwei dazwischen.',
      'Oben 12 schreiben und bis dorthin im Kreis zählen.',
      'Die Streifen von der Mitte aus hinlegen und benennen.',
    ],
    say: 'Welche Zahl kommt nach oben?',
    lookFor: 'Zwei Steine zwischen je zweien, und die 12 ist oben.',
    easier: 'Nur vier Steine legen: 12, 3, 6 und 9.',
    harder: 'Zwei Steine vertauschen; das Nachbarkind findet, was nicht stimmt.',
  },
  'shadow-stick': {
    name: 'Ein Stab und sein Schatten',
    steps: [
      'Einen kurzen, stumpfen Stab in einem Topf ins Freie stellen. Eine Linie an seinem Schatten entlang ziehen.',
      'Die Stunde neben die Linie schreiben, von einer Uhr abgelesen.',
      'Etwas anderes spielen, zurückkommen und den Schatten noch einmal zeichnen.',
      'Wohin hat er sich gedreht? In dieser Richtung um den Topf gehen.',
    ],
    say: 'Der Schatten kriecht wie ein Stundenzeiger. Wohin ist er gewandert?',
    lookFor: 'Sie drehen sich, wie der Schatten sich gedreht hat, und erwarten, dass er weiterwandert.',
    easier: 'Nur zeigen, wo der Schatten war und wo er ist.',
    harder: 'Einen Zweig dorthin legen, wo die nächste Linie sein wird, und nachsehen.',
  },
  'set-your-clock': {
    name: 'Alle stellen eine Uhr',
    steps: [
      'Alle haben eine Uhr zum Drehen, die gebastelte oder eine gekaufte.',
      'Eine Zeit sagen; jedes Kind stellt sie ein, dann halten alle ihre Uhr zugleich hoch.',
      'Sich ohne ein Wort umsehen; wer möchte, darf noch ändern. Dann die eigene zeigen.',
    ],
    say: 'Welchen Zeiger stellst du zuerst?',
    lookFor: 'Der kurze Zeiger steht dort, wo er wirklich hingehört, nicht immer auf einer Zahl.',
    easier: 'Nur den kurzen Zeiger stellen.',
    harder: 'Ein Kind sagt die nächste Zeit.',
    onRung: {
      parts: {
        steps: [
          'Alle haben eine Uhr zum Drehen, die gebastelte oder eine gekaufte.',
          'Einen Zeiger und eine Zahl nennen; jedes Kind stellt diesen Zeiger dorthin.',
          'Den langen Zeiger langsam einmal herumdrehen, wie Uhren gehen, und die Zahlen zählen.',
        ],
        say: 'Welcher Zeiger ist es, der kurze oder der lange?',
        lookFor: 'Die Zeiger drehen sich in der Reihenfolge der Zahlen: von der 12 rechts hinunter.',
        easier: 'Mit dem Finger zeigen, statt einen Zeiger zu drehen.',
      },
      fives: {
        say: 'Wo wird der lange Zeiger stehen?',
        easier: 'Vor dem Stellen gemeinsam in Fünferschritten zählen.',
      },
    },
  },
  'lay-the-fives': {
    name: 'Den Fünferring legen',
    steps: [
      'Die Karten vorher ausschneiden. 1 bis 12 in einem großen Ring auslegen, auf Tellern oder Zetteln.',
      'Die Fünferzahlen der Reihe nach dazulegen und dabei laut ab 5 zählen.',
      'Mischen, eine ziehen und gleich dorthin legen, wohin sie gehört.',
    ],
    say: 'Welche könntest du ohne Zählen hinlegen?',
    lookFor: 'Die Viertel werden zuerst auswendig gewusst: 15, 30, 45.',
    easier: 'Nur 15, 30, 45 und 60, dann immer eine mehr.',
    harder: 'Die Zahlen umdrehen.',
  },
  'sixty-round': {
    name: 'Sechzig Steine im Kreis',
    steps: [
      'Sechzig Steine in einen Ring legen, an jeder fünften Stelle etwas Größeres.',
      'Eine Minutenzahl nennen. Ein Kind springt mit dem Finger in Fünferschritten und geht dann einzeln weiter.',
      'Einen Zweig oder Halm von der Mitte dorthin legen: den Minutenzeiger.',
    ],
    say: 'An welchem Fünfer warst du gerade vorbei?',
    lookFor: 'Gezählt werden die Zwischenräume, nicht der Stein, auf dem man anfängt.',
    easier: 'Nur Fünferschritte.',
    harder: 'Welcher Fünfer ist näher, der davor oder der danach?',
  },
  'show-me-strips': {
    name: 'Zeig mir',
    steps: [
      'Die Streifen vorher ausschneiden, für jedes Kind einen.',
      'Das Kind liest, was darauf steht, und baut es aus zwei Stücken Knete, so lang, wie der Streifen sagt.',
      'Den Streifen mit dem Nachbarkind tauschen und die Uhr prüfen, die dort liegt.',
    ],
    say: 'Welches Stück ist die Stunde?',
    lookFor: 'Kurz und dick für die Stunde, und zwischen den Zahlen, wo es hingehört.',
    easier: 'Der Streifen wird vorgelesen.',
    harder: 'Ohne die Längen: die Zeiger nach Augenmaß rollen.',
  },
  'rope-clock': {
    name: 'Eine Uhr aus Seilen',
    steps: [
      'Ein Seil als Ring legen, mit Zetteln für 12, 3, 6 und 9. Ein langes und ein kurzes Seil sind die Zeiger.',
      'Eine Zeit sagen. Ein Kind legt das kurze Seil, ein anderes das lange.',
      'Alle gehen nach oben an den Ring, schauen von dort und sagen, ob es stimmt.',
    ],
    say: 'Stell dich an die 12. Liegt das kurze Seil auf einer Zahl oder zwischen zweien?',
    lookFor: 'Beide Seile beginnen in der Mitte.',
    easier: 'Nur das kurze Seil.',
    harder: 'Es um eine Sache falsch legen; die anderen finden sie.',
    onRung: { 'hour-hand': { easier: 'Nur „genau“ und „in der Mitte“.' } },
  },
  'turn-it-through': {
    name: 'Bis zum Ende drehen',
    steps: [
      'Alle stellen die Zeit ein, zu der etwas beginnt.',
      'Den langen Zeiger bis zum Ende drehen und bei jeder vollen Stunde anhalten. Jeden Sprung laut sagen.',
      'Die Sprünge aufschreiben und zusammenzählen.',
    ],
    say: 'Bei der vollen Stunde anhalten. Wie weit sind wir gekommen?',
    lookFor: 'Der kurze Zeiger geht mit dem langen mit, über die Stunde hinaus.',
    easier: 'Innerhalb einer Stunde.',
    harder: 'Die Antwort vor dem Drehen sagen, dann nachprüfen.',
    onRung: {
      rounding: {
        steps: [
          'Alle stellen eine Zeit auf die Minute genau ein.',
          'Den langen Zeiger zum Fünfer davor zurückdrehen und die Striche zählen; dann weiter zum Fünfer danach.',
          'Weniger Striche gewinnen: Das ist der nächste Fünfer.',
        ],
        say: 'In welche Richtung ist es kürzer?',
        lookFor: 'Von 58 aus gehen sie weiter zur nächsten Stunde.',
        easier: 'Nur eine oder vier Minuten nach einem Fünfer.',
      },
      'day-24': {
        steps: [
          'Alle stellen Mittag ein und sagen „zwölf“.',
          'Den langen Zeiger für jede Stunde des Nachmittags einmal herumdrehen: dreizehn, vierzehn und so weiter.',
          'Bei der Stunde anhalten, in der sie etwas tun: Wie heißt sie an einem Tag mit 24 Stunden?',
        ],
        say: 'Wie viele mehr als zwölf?',
        lookFor: 'Sie zählen von zwölf weiter und fangen nicht wieder bei eins an.',
        easier: 'Nur bis fünfzehn.',
      },
    },
  },
  'a-counter-for-five': {
    name: 'Ein Stein für fünf Minuten',
    steps: [
      'Jeder Stein steht für fünf Minuten; zwölf in einer Reihe sind eine Stunde.',
      'Erzählen, was zu tun ist und wie lange es dauert. Für je fünf Minuten davon einen Stein legen.',
      'Alle zusammenschieben: Wie viele ganze Reihen sind es, wie viele bleiben übrig?',
    ],
    say: 'Steckt eine ganze Stunde darin?',
    lookFor: 'Zwölf Steine werden in eine Stunde getauscht, nicht zehn.',
    easier: 'Nur, was in eine halbe Stunde passt.',
    harder: 'Wann müssen sie anfangen, damit es um vier Uhr zu Ende ist?',
    onRung: {
      rounding: {
        steps: [
          'Jeder Stein steht für fünf Minuten. Zwölf in eine Reihe legen, zwischen je zwei einen Zettel für die Minuten dazwischen.',
          'Eine Minutenzahl nennen; einen Finger dorthin legen, wo sie in der Reihe liegt.',
          'Den Finger zu dem Ende schieben, das näher ist.',
        ],
        say: 'Welcher Stein ist näher?',
        lookFor: 'Eins und zwei gehen hinunter, drei und vier hinauf.',
      },
    },
  },
  'sort-on-two-plates': {
    name: 'Zwei Teller für einen Tag',
    steps: [
      'Zwei Kreise auslegen: die erste und die zweite Runde der Uhr. Dazwischen beim Mittag eine Sonne.',
      'Kleine Dinge des Tages mitbringen: eine Zahnbürste, einen Löffel, ein Buch, einen Ball, eine Socke.',
      'Ein Kind nimmt eines, sagt, wann man es braucht, und legt es auf seine Runde.',
    ],
    say: 'Vor dem Mittag oder danach?',
    lookFor: 'Manche Dinge braucht man in beiden Runden, und sie sagen es.',
    easier: 'Nur Dinge des Morgens und des Zubettgehens.',
    harder: 'Auch die Stunde sagen, wie sie an einem Tag mit 24 Stunden heißt.',
  },
  'two-rounds': {
    name: 'Zwei Runden gehen',
    steps: [
      'Einen Ring mit zwölf Plätzen zeichnen oder Zettel legen; am Tisch genügen ein Teller und ein Finger, der geht.',
      'Die erste Runde von Mitternacht bis Mittag gehen und bei jeder Stunde erzählen, was dann geschieht.',
      'In die zweite Runde weitergehen: Die Plätze sind dieselben, die Stunden heißen anders.',
      'Etwas ausrufen, was man tut; sie gehen dorthin und sagen, in welcher Runde sie sind.',
    ],
    say: 'Du bist wieder bei der 3. Was ist anders?',
    lookFor: 'Nach dem Mittag wird eine zweite Runde begonnen.',
    easier: 'Nur vom Aufstehen bis zum Zubettgehen.',
    harder: 'Nur die Stunde des 24-Stunden-Tages ausrufen.',
  },
  'act-the-day': {
    name: 'Einen Tag spielen',
    steps: [
      'Acht Dinge eines gewöhnlichen Tages wählen, vom Aufstehen bis zum Schlafen.',
      'Ein Kind dreht die Uhr auf die Zeit, die anderen spielen, was man dann tut.',
      'Den Tag einmal der Reihe nach durchgehen. Dann irgendeine der Zeiten ausrufen.',
    ],
    say: 'Die Uhr zeigt halb acht. Welches halb acht ist es?',
    lookFor: 'Was davor und danach kommt, wird mit seiner Zeit erzählt.',
    easier: 'Nur vier Dinge.',
    harder: 'Etwas vorspielen; die anderen sagen die Zeit.',
  },
  'do-it-and-time-it': {
    name: 'Etwas tun und die Zeit messen',
    steps: [
      'Etwas wählen, was wirklich zu tun ist: das Regal aufräumen, Schuhe und Jacken anziehen, einen Tisch decken.',
      'Alle sagen, wie lange es dauern wird. Aufschreiben, wann es losgeht.',
      'Es tun. Aufschreiben, wann es zu Ende ist. Wie lange hat es gedauert?',
    ],
    say: 'Waren wir schneller, als du dachtest?',
    lookFor: 'Sie gehen von der aufgeschriebenen Zeit aus, nicht von null.',
    easier: 'Die Minuten mitzählen, während die Uhr weitergeht.',
    harder: 'Es muss vor vier Uhr noch einmal getan sein: Wann fangen wir spätestens an?',
    onRung: {
      later: {
        steps: [
          'Etwas wählen, was eine bekannte Zeit dauert, zum Beispiel fünf Minuten aufräumen.',
          'Aufschreiben, wann es losgeht. Alle sagen, was die Uhr am Ende zeigen wird.',
          'Es tun, auf die Uhr schauen und vergleichen.',
        ],
        say: 'Was wird die Uhr zeigen, wenn wir fertig sind?',
        lookFor: 'Sie zählen vom Anfang weiter, wo nötig über die volle Stunde.',
        harder: 'Wir sind schon drei Minuten zu spät. Wann ist es zu Ende?',
      },
    },
  },
  'bead-on-a-string': {
    name: 'Eine Klammer auf der Schnur',
    steps: [
      'Eine Schnur an der Wand oder am Tischrand spannen, bei jedem Fünfer ein Zeichen: 0 bis 60.',
      'Eine Minutenzahl nennen. Ein Kind setzt eine Klammer dorthin, wohin sie gehört.',
      'Die Klammer zu dem Zeichen schieben, das näher ist.',
    ],
    say: 'Ist es näher bei diesem Zeichen oder bei jenem?',
    lookFor: 'Von 58 aus geht die Klammer zu 60, der nächsten Stunde.',
    easier: 'Zuerst nur bei jedem Zehner ein Zeichen.',
    harder: 'Die ganze Zeit mit ihrer Stunde sagen, vorher und nachher.',
  },
}

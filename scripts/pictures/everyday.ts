import type { LanguageId } from '../../src/core/wording'

/*
 * What children's days are made of, and how adults write it: the words that the package of words has not, or has for
 * pictures that no child would take for it. A word with a star stands for all that begin or end so: "schwimm*", "*bus".
 * Words of one doing with a plus between them must all be there: "teeth+brush*".
 */

/** The picture, then English, German, French and Spanish. */
const ROWS = `
sun|wake*,waking,get up,getting up,morning|aufwach*,aufsteh*,wecken|réveil*,se lever,lever|despert*,levantarse
1f6cf|bed,bedtime,go to bed|bett,schlafenszeit,zu bett|lit,coucher,se coucher,au lit|cama,acostarse,hora de dormir,a la cama
1f634|nap,sleep*,rest,quiet time,asleep|schlaf*,*schlaf,ruhe*,ausruhen,nickerchen|sieste,dormir,dodo,repos,temps calme|siesta,dormir,descans*
1f963|breakfast,cereal,porridge|frühstück*,müsli,brei|petit-déjeuner,petit déjeuner,céréales|desayun*,cereales
1f37d|lunch*,dinner,supper,meal*,eat*,canteen|mittag,mittagessen,abendessen,abendbrot,essen,mahlzeit|déjeuner,dîner,souper,repas,manger,cantine|comida,comer,almuerzo,almorzar,cena,cenar,comedor
1f34e|snack*,fruit*,apple*|zwischenmahlzeit,obst*,apfel,äpfel,jause,vesper,imbiss|goûter,collation,fruit*,pomme*|merienda,merendar,fruta*,manzana*
1f95b|milk|milch|lait|leche
1f964|drink*|trinken,getränk*|boire,boisson*|beber,bebida*
1f4a7|water|wasser|eau,de l’eau|agua
1faa5|teeth,toothbrush,teeth+brush*|zähne,zähneputzen,zahnbürste,zähne+putzen|dents,brosse à dents,dents+bross*|dientes,cepillo,dientes+cepill*
1f9b7|dentist,tooth|zahnarzt,zahnärztin,zahn|dentiste,dent|dentista,diente
1f9fc|hands,wash*,soap,hands+wash*|hände,händewaschen,waschen,seife,hände+waschen|mains,se laver,savon,mains+laver|manos,lavarse,jabón,manos+lav*
1f6c1|bath*|baden,bad,badewanne,badezeit|bain,baignoire|baño,bañar*,bañera
1f6bf|shower*|dusch*|douche*|ducha*
1f6bd|toilet*,loo,potty|toilette*,klo,töpfchen|toilettes,pot,wc|retrete,váter,orinal,inodoro
1faae|comb*,hair,hair+comb*,hair+brush*|kämmen,kamm,haare,haare+kämmen|coiffer,se coiffer,peigne,cheveux|pein*,pelo,pelo+pein*
1f455|dress*,clothes,get dressed,pyjamas|anzieh*,kleid*,umziehen,schlafanzug|s’habiller,habill*,vêtements,pyjama|vestir*,ropa,pijama
1f45f|shoe*,shoes+put*,trainers|schuhe,schuh,schuhe+anziehen|chaussure*|zapat*,deportivas
1f9e5|coat*,jacket*,coat+put*|jacke,mantel,jacke+anziehen|manteau,veste|abrigo,chaqueta
1f392|bag,pack*,backpack,rucksack,satchel,bag+pack*|ranzen,rucksack,packen,schultasche,ranzen+packen|sac,cartable,cartable+préparer|mochila,cartera,mochila+preparar
1f3eb|school*|schul*,*schule|école*|colegio,escuela,cole
1f9f8|nursery,kindergarten,playgroup,toy*,teddy,play*,free play|kindergarten,kita,krippe,spielen,spielzeug,freispiel,teddy|crèche,maternelle,garderie,jouer,jouet*,jeu libre,doudou|guardería,jardín de infancia,jugar,juguete*,juego libre,peluche
1f68c|bus,bus+school,*bus,coach|bus,*bus,bus+schule|bus,bus scolaire,car scolaire,autobus|bus,autobús,autobús+escolar
1f697|car,drive,by car|auto,autofahrt,*auto|voiture,en voiture|coche,carro
1f6b2|bike,bicycle,cycl*,bike+ride|fahrrad,rad,radfahren,fahrrad+fahren|vélo,bicyclette|bici,bicicleta,bici+montar
1f686|train,station|zug,bahnhof,bahn|train,gare|tren,estación
1f68a|tram|straßenbahn,tram|tram*|tranvía
26f4|ferry,ship|fähre,schiff|ferry,bac,paquebot|ferri,transbordador,buque
26f5|boat*,sail*,boat+trip|boot*,segel*|bateau,voil*,bateau+promenade|barco,vela,barco+paseo
2708|plane,flight,fly|flugzeug,flug,fliegen|avion,vol|avión,vuelo,volar
1f6b6|walk*,on foot|spazier*,zu fuß,gehen|marche*,promenade,balade,à pied,à pied+école|andar,andando,camin*,paseo,pasear,a pie,andando+colegio
1f6dd|playground,slide|spielplatz,rutsche|aire de jeux,toboggan,square|parque infantil,tobogán,columpio*
1f333|park,outside,outdoors,tree*,fresh air|park,draußen,hof*,baum|parc,dehors,plein air,arbre*,cour|parque,fuera,al aire libre,aire libre,patio,árbol*
1f331|garden*|garten*|jardin*|jardín,huerto
1f332|forest*,wood,woods|wald*|forêt,bois|bosque
1f3d6|beach,seaside|strand,meer|plage,mer|playa,mar
1f3ca|swim*,pool|schwimm*,hallenbad,freibad|piscine,nager,natation|natación,nadar,piscina
26bd|football*,soccer|fußball*|foot,football,foot+entraînement|fútbol
1f938|gym*,p.e.,pe,sport*|turn*,sport*,gymnastik|gym,gymnastique,sport*|gimnasi*,deport*,educación física
1f3c3|run*,race|rennen,wettrennen,laufen,joggen|courir,course à pied,footing|correr,carrera*
1f483|danc*,dance class|tanz*|dans*|bail*,danza*
1f3b5|music*,note|musik*|musique*|música*
1f3a4|sing*,choir,karaoke,song*|singen,chor,lied*,karaoke|chant*,chorale,karaoké|cantar,coro,canto,karaoke
1f3b9|piano*,keyboard|klavier*|piano|piano,piano+clase
1f941|drum*|trommel*,schlagzeug|tambour*,batterie|tambor*,batería
1f3a8|paint*,art|mal*,kunst|pein*,arts plastiques|pint*,plástica
1f58d|draw*,crayon*,colour*|zeich*|dessin*,colori*|dibuj*,colorear
2702|craft*,cut*,scissors|bast*,schere|bricol*,découp*,ciseaux|manualidades,recort*,tijeras
1f9f1|block*,bricks,building blocks|baustein*,bauklötze,bauen,bauecke|jeux de construction,construction,cubes,briques|bloques,construcc*,construir
1f9e9|jigsaw*,puzzle*|puzzle*|puzzle*|rompecabezas,puzle*
1f3b2|board game*,game*,dice|brettspiel*,gesellschaftsspiel*,würfel*|jeu de société,jeux de société,dé|juego de mesa,juegos de mesa,dado*
1f4d6|read*,story*,stories,book*|lesen,vorlesen,buch,bücher,geschichte*,leseecke|lire,lecture*,livre*,histoire*,conte*|leer,lectura*,libro*,cuento*
1f4da|library|bücherei,bibliothek|bibliothèque,médiathèque|biblioteca
270f|writ*,spelling,handwriting|schreib*,diktat|écri*,dictée,graphisme|escri*,dictado,caligrafía
1f4dd|homework,worksheet*|hausaufgabe*|devoirs|deberes,tareas
1f9ee|math*,sums,count*,number*|mathe*,rechn*,zählen,zahlen|math*,calcul*,compter,nombres|matem*,contar,cálculo,números
1f52c|science*,experiment*|experiment*,sachunterricht,forschen|science*,expérience*|ciencia*,experimento*
1f30d|geography,world|erdkunde,welt,geografie|géographie,monde|geografía,mundo
1f465|circle time,assembly,meeting,group,friends|morgenkreis,kreis,stuhlkreis,versammlung,treffen,freunde|regroupement,rassemblement,réunion,amis,quoi de neuf|asamblea,corro,reunión,amigos
1f5e3|english,language*,talk*,speech*|englisch,deutsch,sprach*|anglais,langue*,langage|inglés,lengua*,idioma*,logopeda
1f4fa|tv,television,cartoons|fernseh*,zeichentrick|télé,télévision,dessins animés,dessin animé|tele,televisión,dibujos animados
1f3ac|film*,movie*,cinema|film*,kino|film*,cinéma|película*,cine
1f4bb|computer*,laptop,tablet,screen time|computer*,laptop,tablet|ordinateur,tablette,écran*|ordenador,computadora,tableta,pantalla*
1f4de|phone*,call*|anruf*,telefon*|téléphon*,appel*|llam*,teléfono
1f475|grandma*,granny,gran,nan,nana|oma,großmutter|mamie,grand-mère|abuela,abuelita,yaya
1f474|grandpa,grandad*,granddad*|opa,großvater|papi,papy,grand-père|abuelo,abuelito,yayo
1f476|baby*|baby|bébé|bebé
1f415|dog*,dog+walk|hund*,gassi|chien*,chien+promener|perro*,perro+pasear
1f408|cat*,kitten|katze*|chat,chats,chatte|gato*,gata*
1f407|rabbit*,bunny|hase*,kaninchen|lapin*|conejo*
1f41f|fish|fisch*|poisson*|pez,peces
1f434|horse*,riding,pony,ponies,riding+lesson|reiten,pferd*,pony*|cheval,chevaux,équitation,poney*|caballo*,poni*,equitación,caballo+montar
1f414|chicken*,hen,hens|huhn,hühner|poule*|gallina*
1f426|bird*|vogel,vögel|oiseau*|pájaro*,ave,aves
1f986|duck*|ente*|canard*|pato*
1fa7a|doctor*,check-up|arzt,*arzt,ärztin|médecin,docteur,pédiatre|médico,médica,doctor*,pediatra
1f48a|medicine,tablet|medizin,medikament,tablette*|médicament*|medicina*,pastilla*,jarabe
1f487|haircut,hairdresser*,barber|friseur*,haarschnitt,haare schneiden|coiffeur,coiffeuse|peluquer*,cortar el pelo
1f6d2|shop*,supermarket,groceries|einkauf*,supermarkt|courses,supermarché,achats|compra*,supermercado
1f9fa|market,picnic*,basket,laundry|markt,picknick,korb,wäsche|marché,pique-nique,panier,lessive,linge|mercado,pícnic,picnic,cesta,colada
1f373|cook*|koch*|cuisin*|cocin*
1f9c1|bak*,cake*,cupcake*,muffin*|back*,kuchen|gâteau*,pâtisserie|pastel*,hornear,bizcocho,magdalena*
1f382|birthday*|geburtstag*|anniversaire*|cumple*
1f389|party,parties,celebration,festival|feier*,fest,party|fête*|fiesta*
1f35e|bread,toast|brot*|pain,tartine*|pan,tostada*
1f96a|sandwich*|butterbrot,pausenbrot,sandwich|sandwich*|bocadillo*,sándwich
1f372|soup*,stew|suppe*,eintopf|soupe*|sopa*,guiso
1f366|ice cream,ice-cream|eis,eis essen|glace*|helado*
1f34c|banana*|banane*|banane*|plátano*
1f95a|egg*|ei,eier|œuf*|huevo*
1f9f9|tid*,sweep*,clean up|aufräum*,fegen,kehren|ranger,rangement,balayer|recoger,ordenar,barrer
1f9fd|clean*,washing up,wash up,dishes|putzen,abwasch*,spülen,geschirr|ménage,nettoy*,vaisselle|limpi*,fregar,platos,platos+fregar
1f5d1|rubbish,bin,bins,garbage,trash|müll*,abfall|poubelle*|basura*
1fab4|plant,plants,plants+water|pflanze*,gießen,blumen+gießen|plante*,arroser,plantes+arroser|planta*,regar,plantas+regar
1f337|flower*|blume*|fleur*|flor,flores
1f3e0|home,go home,pick-up,pick up,collect*|nach hause,zuhause,heim*,abhol*|maison,rentrer,retour,on vient me chercher,maison+rentrer|casa,volver a casa,recogida,a casa
1f4bc|work,office|arbeit*,büro|travail,bureau|trabaj*,oficina
26ea|church|kirche*|église,messe|iglesia,misa
1f54c|mosque|moschee|mosquée|mezquita
1f3ad|theatre,theater,drama,puppet*|theater*,kasperl*|théâtre,marionnettes|teatro,títeres
1f3db|museum*|museum*|musée*|museo*
1f992|zoo|zoo,tierpark|zoo|zoo*
1f404|farm*,cow*|bauernhof,kuh,kühe|ferme*,vache*|granja*,vaca*
26fa|camp*,tent|zelt*,camping|camping,tente|camping,acampar,acampada,tienda de campaña
2614|rain*|regen*,*regen|pluie,pleut,il pleut|lluvia,llueve
26c4|snow*|schnee*|neige*|nieve,nevar
2709|post,letter*,mail|post,brief*|poste,courrier,lettre*|correo*,carta*
1faa3|sandpit,sand|sandkasten,sand*|bac à sable,sable|arenero,arena
26f8|skating,ice skat*|schlittschuh*,eislaufen|patinage,patin*|patinaje,patinar
26f7|ski,skis,skiing|ski,ski*|ski,skier|esquiar,esquí
1f6f7|sledg*,sled*|schlitten,schlittenfahren,rodeln|luge|trineo*
1f6f4|scooter|roller*|trottinette|patinete
1f9d7|climb*|kletter*|escalade,grimper|escal*
1f94b|judo,karate,martial arts|judo,karate|judo,karaté|judo,kárate
1f3be|tennis|tennis|tennis|tenis
1f3c0|basketball|basketball|basket*|baloncesto
1f3a3|fishing|angeln|pêche,pêcher|pescar,pesca
1fa81|kite*|drachen*|cerf-volant*|cometa*
1f388|balloon*|luftballon*,ballon|ballon de baudruche,ballons,baudruche|globo*
1f381|present*,gift*|geschenk*|cadeau*|regalo*
1f384|christmas*|weihnacht*|noël,sapin,noël+sapin|navidad*
1f56f|candle*|kerze*|bougie*|vela,velas
1f4a1|lamp,lamps,light,lights,lamps+light|lampe*,licht|lampe*,lumière*,allumer|lámpara*,luz,luces
1f319|night|nacht|nuit|noche
2b50|star,stars,stars+look|stern*,sterne+ansehen|étoile*|estrella*
1f3e5|hospital|krankenhaus|hôpital|hospital
1f912|ill,sick,fever|krank,fieber|malade,fièvre|enferm*,malit*,fiebre
1fa91|chair,chairs,table,lay the table,set the table|tisch,tisch decken,stuhl|table,mettre la table,chaise|mesa,poner la mesa,silla
1f955|carrot*,vegetable*|karotte*,möhre*,gemüse|carotte*,légume*|zanahoria*,verdura*
1f353|strawberr*|erdbeere*|fraise*|fresa*
1f36a|biscuit*,cookie*|keks*|biscuit*|galleta*
1f95e|pancake*|pfannkuchen|crêpe*|tortita*,crepe*
1f35d|spaghetti,pasta|spaghetti,nudeln|spaghetti*,pâtes|espagueti*,pasta
1f69c|tractor*|traktor|tracteur*|tractor*
1f692|fire engine*,fire station,firefighter*|feuerwehr*|pompier*|bombero*
1f693|police*|polizei*|police|policía
1f3f0|castle|burg,schloss|château|castillo
1f3a0|funfair,fair,merry-go-round|jahrmarkt,kirmes,karussell|fête foraine,manège|feria,tiovivo
1f3aa|circus|zirkus|cirque|circo
1f939|juggl*|jonglier*|jongl*|malabar*
1f9f6|knit*,wool|strick*,wolle|tricot*,laine|hacer punto,lana,punto
1faa1|sew*|näh*|coutur*,coudre|cos*,costura
1f528|woodwork,hammer*,workshop,diy|werken,werkstatt,hämmern|menuiserie,marteau,atelier|carpintería,martillo,taller
1f4f7|photo*,camera|foto*|photo*|foto*
1f97e|hik*,boots|wander*|randonnée*|excursión a pie,senderismo,caminata
26f0|mountain*|berg,berge|montagne*|montaña*
1f3de|river,national park|fluss|rivière,fleuve|río
1f41d|bee,bees|biene*|abeille*|abeja*
1f98b|butterfl*|schmetterling*|papillon*|mariposa*
1f40c|snail*|schnecke*|escargot*|caracol*
1f411|sheep|schaf,schafe|mouton*|oveja*
1f410|goat*|ziege*|chèvre*|cabra*
1f994|hedgehog*|igel|hérisson*|erizo*
1f342|autumn*,leaves|herbst*,laub|automne,feuilles|otoño,hojas
1fa99|pocket money,money|taschengeld,geld|argent de poche,argent|paga,dinero
1f3e6|bank|bank|banque|banco
1f6a6|traffic light*,road safety|ampel|feu rouge,feux|semáforo
1fa9c|lift,ladder|aufzug,leiter|ascenseur,échelle|ascensor,escalera
1f511|key,keys|schlüssel|clé,clés|llave*
1f453|glasses|brille|lunettes|gafas
1f9e4|glove*,mittens|handschuh*|gant*,moufles|guante*,manoplas
1f9e2|hat,cap,sun hat|hut,sonnenhut,mütze,kappe|chapeau,casquette,bonnet|gorro*,gorra*,sombrero
1f9f4|sun cream,cream,suncream|sonnencreme,creme,eincremen|crème solaire,crème|crema,crema solar
1fa79|plaster|pflaster|pansement|tirita*
1f9e6|sock*|socke*,strümpfe|chaussette*|calcet*
1f917|cuddl*,hug*|kuscheln,umarm*|câlin*|abraz*,mimos
`

/** A picture with the words that adults write for it. */
export interface Everyday {
  readonly id: string
  readonly words: (language: LanguageId) => string[]
}

const COLUMN: Readonly<Record<LanguageId, number>> = { 'en-GB': 1, 'en-US': 1, de: 2, 'de-quarters': 2, fr: 3, es: 4 }

export const EVERYDAY: readonly Everyday[] = ROWS.trim()
  .split('\n')
  .map((row) => {
    const cells = row.split('|')
    const [sign = ''] = cells
    return {
      id: /\d/.test(sign) ? `u${sign}` : sign,
      words: (language) => (cells[COLUMN[language]] ?? '').split(','),
    }
  })

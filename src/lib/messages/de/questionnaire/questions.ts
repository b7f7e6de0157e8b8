import { AT_STANDING_SPOT, SITS_FULLY_BACK } from '$lib/core/plan/conditions/fact-groups';
import type { ChecklistTexts } from '../../shapes';

/** Names of the sections. */
export const stationNames: ChecklistTexts['stations'] = {
	spot: 'Der Platz',
	feet: 'Füße und Sitz',
	back: 'Rücken und Schultern',
	hands: 'Ellenbogen, Tastatur und Handgelenke',
	mouse: 'Maus',
	screen: 'Bildschirm',
	light: 'Licht und Papiere',
	sound: 'Ton und Telefon',
	safety: 'Sicherheit',
	second: 'Eine zweite Haltung',
	moving: 'Bewegung'
};

const YES_NO = { yes: 'Ja', no: 'Nein' } as const;
const DAYLIGHT =
	'Tageslicht von der Seite ist angenehm für die Augen. Von vorn blendet es, von hinten spiegelt es sich im Bildschirm.';
const SIZE_UP =
	'Wenn Sie auf Armlänge nicht lesen können, machen Sie den Text größer. Beugen Sie sich nicht vor.';
const NEXT_POSITION = 'Die beste Haltung ist die nächste.';
const STANDING_STILL = 'Langes Stillstehen ist so schlecht wie langes Stillsitzen.';

/** The questions of the checklist, of every version. Facts: common practice. */
export const questionTexts: ChecklistTexts['items'] = {
	place: {
		question: 'Wo arbeiten Sie am meisten?',
		why: 'Auf Bett oder Sofa liegen die Beine flach, der Rücken rundet sich und der Nacken beugt sich. Kein Kissen behebt das.',
		look: 'Denken Sie an den Platz, an dem Sie die meisten Stunden verbringen, nicht an den besten.',
		answers: {
			table: 'An einem Tisch oder Schreibtisch',
			worktop: 'An einer Arbeitsplatte oder Theke',
			'bed-or-sofa': 'Auf Bett oder Sofa',
			wherever: 'Wo gerade Platz ist'
		}
	},
	'work-surface': {
		question: 'Woran arbeiten Sie?',
		why: 'Einen eigenen Platz kann man einmal einrichten, und er bleibt so.',
		look: 'Denken Sie an den Platz, an dem Sie die meisten Stunden verbringen, nicht an den besten.',
		answers: {
			table: 'Ein Tisch oder Schreibtisch',
			worktop: 'Eine Arbeitsplatte oder Theke',
			'low-table': 'Ein niedriger Tisch',
			lap: 'Mein Schoß',
			'no-fixed-place': 'Wo gerade Platz ist'
		}
	},
	walkway: {
		question: 'Gehen Menschen hinter Ihnen oder über Ihre Kabel?',
		why: 'Menschen hinter Ihnen machen angespannt. Ein Kabel im Laufweg ist eine Stolperfalle.',
		look: 'Stellen Sie sich den Raum zur belebtesten Stunde vor.',
		answers: { 'out-of-the-way': 'Nein', 'people-pass': 'Ja, oft' }
	},
	socket: {
		question: 'Ist eine Wandsteckdose in Reichweite?',
		why: 'Lange Kabel sind Stolperfallen.',
		look: 'Folgen Sie dem Kabel Ihres Ladegeräts bis zur Wand.',
		answers: { 'in-reach': 'Ja', 'across-the-room': 'Nein' }
	},
	quiet: {
		question: 'Ist es ruhig genug zum Nachdenken?',
		why: 'Lärm lässt Menschen den Nacken anspannen und die Zähne zusammenbeißen.',
		look: 'Hören Sie eine Minute lang hin.',
		answers: { quiet: 'Meistens', 'often-disturbed': 'Oft nicht' }
	},
	window: {
		question: 'Wo ist das Fenster, wenn Sie auf den Bildschirm schauen?',
		why: DAYLIGHT,
		look: 'Sitzen Sie wie bei der Arbeit und zeigen Sie auf das hellste Fenster.',
		answers: { side: 'An meiner Seite', none: 'Es gibt keines', ahead: 'Vor mir', behind: 'Hinter mir' }
	},
	'window-clock': {
		question: 'Wenn 12 Uhr geradeaus ist, wo ist das hellste Fenster?',
		why: DAYLIGHT,
		look: 'Schauen Sie auf den Bildschirm und stellen Sie sich eine Uhr vor, die auf dem Tisch liegt.',
		answers: {
			none: 'Kein Fenster',
			'at-12': '12, geradeaus',
			'at-1': '1',
			'at-2': '2',
			'at-3': '3, rechts von mir',
			'at-4': '4',
			'at-5': '5',
			'at-6': '6, hinter mir',
			'at-7': '7',
			'at-8': '8',
			'at-9': '9, links von mir',
			'at-10': '10',
			'at-11': '11'
		}
	},
	sun: {
		question: 'Scheint die Sonne zu einer Stunde in Ihr Gesicht oder auf den Bildschirm?',
		why: 'Eine Stunde Sonne auf dem Bildschirm ist eine Stunde Blinzeln.',
		look: 'Die niedrige Wintersonne kommt am weitesten herein.',
		answers: { never: 'Nie', 'at-some-hour': 'Zu einer Stunde' }
	},
	chair: {
		question: 'Worauf sitzen Sie?',
		why: 'Ein Rücken ohne Stütze ermüdet. Ein Ball ist gut für eine Stunde, nicht für den Tag.',
		look: '',
		answers: { chair: 'Ein Stuhl mit Lehne', stool: 'Ein Hocker oder eine Bank', ball: 'Ein Ball' }
	},
	'whole-foot': {
		question: 'Steht der ganze Fuß auf?',
		why: 'Hängende Füße ziehen an Oberschenkeln und unterem Rücken.',
		look: [
			{
				holds: SITS_FULLY_BACK,
				text: 'Sitzen Sie ganz hinten, in den Schuhen, in denen Sie arbeiten. Stehen beide Fersen auf, ohne sich zu strecken?'
			},
			{
				holds: {},
				text: 'Sitzen Sie wie bei der Arbeit, in den Schuhen, in denen Sie arbeiten. Stehen beide Fersen auf, ohne sich zu strecken?'
			}
		],
		answers: { 'both-flat': 'Beide Füße flach', 'toes-only': 'Nur die Zehen', hanging: 'Sie hängen' }
	},
	footplates: {
		question: 'Bleiben Ihre Füße beim Arbeiten auf den Fußplatten?',
		why: 'Abrutschende Füße ziehen den ganzen Körper nach vorn.',
		look: 'Schauen Sie nach einer halben Stunde Tippen.',
		answers: { 'on-the-plates': 'Sie bleiben', 'slide-off': 'Sie rutschen ab' }
	},
	'behind-the-knee': {
		question: 'Was passt zwischen die Vorderkante des Sitzes und Ihre Kniekehle?',
		why: 'Eine Kante in der Kniekehle drückt auf Gefäße und Nerven, und die Beine werden taub.',
		look: [
			{ holds: SITS_FULLY_BACK, text: 'Sitzen Sie ganz hinten und schieben Sie die Finger hinein.' },
			{ holds: {}, text: 'Sitzen Sie wie bei der Arbeit und schieben Sie die Finger hinein.' }
		],
		answers: {
			'two-fingers-to-a-fist': 'Zwei Finger bis eine Faust',
			'more-than-a-fist': 'Mehr als eine Faust',
			touches: 'Nichts, sie berührt'
		}
	},
	'crossed-legs': {
		question: 'Sitzen Sie oft mit übergeschlagenen oder untergeschlagenen Beinen?',
		why: 'Das ist kein Fehler. Ihr Körper bittet Sie, aufzustehen.',
		look: 'Achten Sie während eines Gesprächs darauf.',
		answers: { seldom: 'Selten', often: 'Oft' }
	},
	'ball-hours': {
		question: 'Wie lange am Stück sitzen Sie auf dem Ball?',
		why: 'Ein Ball hält Sie in Bewegung. Ohne Lehne ermüdet er auch.',
		look: '',
		answers: { 'an-hour-at-most': 'Höchstens eine Stunde', longer: 'Länger' }
	},
	'all-the-way-back': {
		question: 'Sitzen Sie ganz hinten?',
		why: 'Eine Lehne hilft nur, wenn Sie sich anlehnen.',
		look: 'Berührt der untere Rücken sie nach zehn Minuten Arbeit?',
		answers: { 'all-the-way': 'Ja', 'front-of-the-seat': 'Nein, weiter vorn' }
	},
	shoulders: {
		question: 'Wo sind Ihre Schultern beim Tippen?',
		why: 'Hochgezogene oder vorgezogene Schultern arbeiten den ganzen Tag umsonst.',
		look: 'Von der Seite: Ohr über der Schulter, Schulter über der Hüfte. Fragen Sie jemanden, oder nehmen Sie einen Spiegel.',
		answers: {
			'down-and-open': 'Unten und offen',
			'rolled-forward': 'Nach vorn gezogen',
			raised: 'Hochgezogen'
		}
	},
	even: {
		question: 'Ist Ihr Gewicht gleichmäßig verteilt?',
		why: 'Wer sich auf eine Armlehne oder eine Hüfte stützt, biegt den Rücken zur Seite.',
		look: [
			{
				holds: AT_STANDING_SPOT,
				text: 'Nase, Schultern, Hüfte, Knie und Füße zeigen in eine Richtung.'
			},
			{
				holds: {},
				text: 'Spüren Sie beide Sitzknochen. Nase, Schultern, Hüfte, Knie und Füße zeigen in eine Richtung.'
			}
		],
		answers: { even: 'Gleichmäßig', 'one-side': 'Mehr auf einer Seite' }
	},
	'neck-rest': {
		question: 'Lehnen Sie sich beim Arbeiten zurück?',
		why: [
			{
				holds: { way: ['open'] },
				text: 'Bei dieser Sitzhaltung lehnt man sich zurück. Dann braucht der Nacken eine Stütze.'
			},
			{
				holds: {},
				text: 'Manche lehnen sich zurück, andere nicht. Wenn Sie es tun, braucht der Nacken eine Stütze.'
			}
		],
		look: 'Lehnen Sie sich, wie Sie es mögen. Ist der Kopf gestützt?',
		answers: {
			upright: 'Nein, ich sitze aufrecht',
			'leans-back-held': 'Ja, und mein Nacken ist gestützt',
			'leans-back-free': 'Ja, ohne etwas hinter dem Nacken'
		}
	},
	'armrest-use': {
		question: 'Wann liegen Ihre Arme auf den Armlehnen?',
		why: [
			{
				holds: { way: ['open'] },
				text: 'Zurückgelehnt dürfen Armlehnen die Arme beim Tippen tragen. Andere Fachleute lassen sie für die Pausen.'
			},
			{
				holds: { way: ['forearms-down'] },
				text: 'Bei dieser Sitzhaltung trägt der Tisch die Arme. Andere Fachleute nutzen Armlehnen in den Pausen.'
			},
			{
				holds: {},
				text: 'Hier sind Armlehnen für die Pausen: Tippen auf ihnen hebt die Schultern. Andere Fachleute sehen es anders.'
			}
		],
		look: '',
		answers: { 'in-pauses': 'In Pausen', never: 'Nie', 'while-typing': 'Beim Tippen' }
	},
	'armrest-place': {
		question: 'Wo sind die Armlehnen, wenn Sie sitzen?',
		why: 'Weit auseinander stehende Armlehnen ziehen die Ellenbogen vom Körper weg.',
		look: 'Lassen Sie die Oberarme hängen. Landen die Ellenbogen darauf?',
		answers: { 'beside-the-body': 'Direkt am Körper', 'out-to-the-side': 'Weiter außen' }
	},
	wrist: {
		question: 'Ist das Handgelenk beim Tippen gerade?',
		why: 'Ein nach oben geknicktes Handgelenk drückt auf den Nerv. Leicht nach unten ist in Ordnung, nach oben nicht.',
		look: 'Halten Sie mitten im Wort an. Schauen Sie von der Seite, dann von oben.',
		answers: {
			straight: 'Gerade',
			'a-little-down': 'Leicht nach unten',
			up: 'Nach oben geknickt',
			sideways: 'Zur Seite geknickt'
		}
	},
	edge: {
		question: 'Drückt eine Kante auf Handgelenk oder Unterarm?',
		why: 'Eine harte Kante am Handgelenk lässt die Finger kribbeln.',
		look: 'Suchen Sie nach einer Stunde eine rote Linie auf der Haut.',
		answers: { nothing: 'Nein', presses: 'Ja' }
	},
	'keyboard-feet': {
		question: 'Sind die Füßchen hinten an der Tastatur ausgeklappt?',
		why: 'Sie knicken die Handgelenke nach oben. Die Tastatur sollte flach liegen oder von Ihnen weg abfallen.',
		look: 'Heben Sie die hintere Kante an und schauen Sie darunter.',
		answers: { 'folded-in': 'Eingeklappt', none: 'Sie hat keine', out: 'Ausgeklappt' }
	},
	'palm-rest': {
		question: 'Stützen Sie sich auf eine Handballenauflage?',
		why: 'Sie ist für die Pausen. Beim Tippen drückt sie dort, wo der Nerv verläuft.',
		look: '',
		answers: { none: 'Ich habe keine', 'in-pauses': 'In Pausen', 'while-typing': 'Beim Tippen' }
	},
	'keyboard-place': {
		question: 'Wie nah ist die Tastatur?',
		why: 'Eine weit entfernte Tastatur zieht Arme und Rücken nach vorn.',
		look: 'Ellenbogen am Körper, Schultern unten: Erreichen die Finger die mittlere Reihe?',
		answers: { close: 'Nah', 'far-back': 'Ich muss mich strecken' }
	},
	'eyes-on-keys': {
		question: 'Wohin schauen Sie beim Tippen?',
		why: 'Der Blick auf die Tasten beugt den ganzen Tag den Nacken.',
		look: '',
		answers: { 'on-the-screen': 'Auf den Bildschirm', 'on-the-keys': 'Oft auf die Tasten' }
	},
	lap: {
		question: 'Könnte die Tastatur eine Weile auf Ihrem Schoß liegen?',
		why: 'Wenn der Tisch zu hoch ist, ist der Schoß vielleicht genau richtig.',
		look: '',
		answers: { 'would-work': 'Ja', 'would-not': 'Nein' }
	},
	'mouse-place': {
		question: 'Wo ist Ihre Maus?',
		why: 'Ein zur Maus gestreckter Arm schmerzt von der Schulter bis zur Hand.',
		look: 'Fassen Sie die Maus an. Ist der Ellenbogen am Körper?',
		answers: { 'beside-the-keys': 'Direkt neben der Tastatur', 'arm-stretched': 'Ich strecke mich danach' }
	},
	'mouse-level': {
		question: 'Ist die Maus auf Höhe der Tastatur?',
		why: 'Bei verschiedenen Höhen arbeitet eine Schulter höher als die andere.',
		look: '',
		answers: { 'same-level': 'Ja', 'other-level': 'Nein' }
	},
	'mouse-drift': {
		question: 'Wandert die Maus im Lauf des Tages weg?',
		why: 'Mäuse wandern nach außen, und die Schulter folgt.',
		look: 'Schauen Sie am Ende des Tages, wo sie ist.',
		answers: { stays: 'Sie bleibt', drifts: 'Sie wandert nach außen' }
	},
	'side-table': {
		question: 'Gibt es einen kleinen Tisch, der neben Ihnen stehen könnte?',
		why: 'Auf einem Beistelltisch bleibt die Maus erreichbar, wenn der Tisch keinen Platz hat.',
		look: 'Ein Nachttisch oder ein Hocker genügt.',
		answers: { 'there-is-one': 'Ja', none: 'Nein' }
	},
	'pointing-hand': {
		question: 'Wie fühlt sich Ihre Maushand am Abend an?',
		why: 'Eine Hand macht alles. Die andere lernt es in einer Woche.',
		look: '',
		answers: { fresh: 'Wie die andere', tired: 'Müde oder schmerzend' }
	},
	'laptop-hours': {
		question: 'Wie lange am Stück tippen Sie auf dem Laptop selbst?',
		why: 'Am Laptop ist entweder der Bildschirm zu niedrig oder die Tastatur zu hoch.',
		look: '',
		answers: { 'under-half-an-hour': 'Weniger als eine halbe Stunde', longer: 'Länger' }
	},
	'lean-in': {
		question: 'Beugen Sie sich zum Lesen vor?',
		why: SIZE_UP,
		look: 'Lehnen Sie sich zurück und lesen Sie Ihren kleinsten üblichen Text.',
		answers: { seldom: 'Selten', often: 'Oft' }
	},
	'read-sitting-back': {
		question: 'Sitzen Sie, wie Sie sitzen möchten. Wie lesen Sie Ihren kleinsten üblichen Text?',
		why: SIZE_UP,
		look: 'Lesen Sie drei Zeilen laut, ohne den Kopf zu bewegen.',
		answers: { easily: 'Leicht', 'lean-in': 'Ich beuge mich vor', squint: 'Ich kneife die Augen zusammen' }
	},
	screens: {
		question: 'Auf wie viele Bildschirme schauen Sie?',
		why: 'Bei zweien kommt es darauf an, zu welchem Sie sich drehen.',
		look: '',
		answers: { one: 'Einen', two: 'Zwei oder mehr' }
	},
	'second-kind': {
		question: 'Was ist der zweite Bildschirm?',
		why: 'Ein flach liegender Laptop neben einem Monitor zieht den Kopf zur Seite nach unten.',
		look: '',
		answers: {
			monitor: 'Ein Monitor',
			'laptop-raised': 'Ein erhöhter Laptop',
			'laptop-flat': 'Ein Laptop, flach auf dem Tisch',
			tablet: 'Ein liegendes Tablet oder Telefon'
		}
	},
	'screen-share': {
		question: 'Wie teilen Sie Ihre Zeit zwischen ihnen auf?',
		why: 'Der am meisten benutzte gehört geradeaus.',
		look: 'Zählen Sie zehn Minuten lang, wohin Sie schauen.',
		answers: { 'one-most': 'Meistens einer', 'both-alike': 'Beide etwa gleich' }
	},
	ahead: {
		question: 'Ist der Bildschirm geradeaus?',
		why: 'Ein gedrehter Nacken ermüdet innerhalb einer Stunde.',
		look: 'Nase, Schultern, Hüfte und Knie zeigen zum Bildschirm.',
		answers: { straight: 'Geradeaus', 'to-one-side': 'Auf einer Seite' }
	},
	'main-screen': {
		question: 'Wo ist der Bildschirm, den Sie am meisten benutzen?',
		why: 'Stellen Sie den am meisten benutzten geradeaus. Wenn Sie beide gleich benutzen, den Spalt zwischen ihnen.',
		look: 'Zählen Sie zehn Minuten lang, wohin Sie schauen.',
		answers: {
			'main-ahead': 'Geradeaus',
			'both-alike-seam-ahead': 'Ich benutze beide gleich, der Spalt ist geradeaus',
			'main-to-one-side': 'Auf einer Seite'
		}
	},
	turning: {
		question: 'Wie drehen Sie sich zum anderen Bildschirm?',
		why: 'Den ganzen Tag nur den Kopf zu drehen, belastet den Nacken.',
		look: '',
		answers: { 'whole-body': 'Mit dem ganzen Körper', 'head-only': 'Nur mit dem Kopf' }
	},
	tilt: {
		question: 'Zeigt der Bildschirm genau zu Ihren Augen?',
		why: 'Ein falsch geneigter Bildschirm spiegelt die Lampe und lässt Sie das Kinn heben.',
		look: 'Halten Sie einen Spiegel flach daran. Sie sollten Ihre eigenen Augen sehen.',
		answers: { 'square-to-the-eye': 'Ja', 'leans-away-or-down': 'Nein' }
	},
	'tips-head-back': {
		question: 'Legen Sie den Kopf in den Nacken, um durch den unteren Teil der Brille zu lesen?',
		why: 'Ein den ganzen Tag gehobenes Kinn macht Nackenschmerzen. Stellen Sie den Bildschirm tiefer und neigen Sie ihn zurück.',
		look: 'Schließen Sie die Augen, sitzen Sie aufrecht, öffnen Sie sie. Können Sie lesen, ohne den Kopf zu bewegen?',
		answers: YES_NO
	},
	reflections: {
		question: 'Sehen Sie Spiegelungen im Bildschirm?',
		why: 'Augen strengen sich an, um an einer Spiegelung vorbeizusehen, und der Kopf weicht aus.',
		look: 'Schalten Sie den Bildschirm aus und schauen Sie hinein.',
		answers: { none: 'Nein', some: 'Ja' }
	},
	brightness: {
		question: 'Wie hell ist der Bildschirm im Vergleich zum Raum?',
		why: 'Augen ermüden, wenn sie ständig zwischen Hell und Dunkel wechseln.',
		look: 'Halten Sie ein weißes Blatt daneben. Beide sollten gleich aussehen.',
		answers: {
			'like-the-room': 'Etwa gleich',
			'lamp-bright': 'Er leuchtet wie eine Lampe',
			'too-dim': 'Er ist dunkel'
		}
	},
	'eye-test': {
		question: 'Wann wurden Ihre Augen zuletzt geprüft?',
		why: 'Zuerst größerer Text, dann eine neue Brille. Beugen Sie sich nicht vor.',
		look: '',
		answers: { 'two-years': 'In den letzten zwei Jahren', longer: 'Länger her oder nie' }
	},
	lamp: {
		question: 'Auf welcher Seite steht die Lampe, wenn Sie mit der Hand schreiben?',
		why: 'Auf der Seite der Schreibhand wirft die Hand Schatten auf das Geschriebene.',
		look: 'Halten Sie einen Stift über das Papier. Wohin fällt der Schatten?',
		answers: {
			'other-side': 'Auf der anderen Seite als die Schreibhand',
			'no-paper-work': 'Ich schreibe nicht mit der Hand',
			'writing-side': 'Auf der Seite der Schreibhand'
		}
	},
	'only-light': {
		question: 'Ist der Bildschirm manchmal das einzige Licht?',
		why: 'Im Dunkeln weiten sich die Pupillen, und der Bildschirm blendet.',
		look: '',
		answers: YES_NO
	},
	evening: {
		question: 'Bei welchem Licht arbeiten Sie spät?',
		why: 'Wärmeres Licht am Abend hilft beim Einschlafen.',
		look: 'Die meisten Bildschirme können nach der Uhr wärmer werden.',
		answers: { warm: 'Warm', 'no-evenings': 'Ich arbeite nicht spät', cold: 'Kalt und hell' }
	},
	air: {
		question: 'Bläst Ihnen Heizung, Ventilator oder offenes Fenster ins Gesicht?',
		why: 'Bewegte Luft trocknet die Augen aus.',
		look: '',
		answers: { still: 'Nein', 'at-my-face': 'Ja' }
	},
	papers: {
		question: 'Wo liegen Papiere, von denen Sie abtippen?',
		why: 'Flach neben der Tastatur beugen und drehen sie bei jeder Zeile den Nacken.',
		look: '',
		answers: {
			'on-a-stand': 'Auf einem Halter am Bildschirm',
			'no-papers': 'Ich habe keine',
			flat: 'Flach auf dem Tisch'
		}
	},
	phone: {
		question: 'Wie führen Sie lange Gespräche?',
		why: 'Ein Telefon zwischen Ohr und Schulter beugt den Nacken und hebt zugleich die Schulter.',
		look: '',
		answers: {
			'headset-or-loudspeaker': 'Mit Headset oder Lautsprecher',
			seldom: 'Ich habe keine',
			'between-ear-and-shoulder': 'Zwischen Ohr und Schulter'
		}
	},
	'phone-side': {
		question: 'Wo liegt Ihr Telefon?',
		why: 'Die Schreibhand bleibt frei, wenn die andere das Telefon nimmt.',
		look: '',
		answers: {
			'other-hand': 'Bei der Hand, die nicht schreibt',
			'writing-hand': 'Bei der Schreibhand'
		}
	},
	ear: {
		question: 'Mit welchem Ohr hören Sie?',
		why: 'Immer dasselbe Ohr heißt, sich immer zur selben Seite zu neigen.',
		look: '',
		answers: { changes: 'Mit beiden oder abwechselnd', 'always-the-same': 'Immer mit demselben' }
	},
	'phone-reading': {
		question: 'Wie lesen Sie am Telefon?',
		why: 'Ein über den Schoß gebeugter Kopf belastet den Nacken stark.',
		look: '',
		answers: { 'at-eye-height': 'Auf Augenhöhe gehoben', seldom: 'Selten', 'in-the-lap': 'Unten im Schoß' }
	},
	headphones: {
		question: 'Womit hören Sie?',
		why: 'Viele finden Kopfhörer über dem Ohr auf Dauer angenehmer. Andere kommen mit kleinen, leise gestellten gut zurecht.',
		look: '',
		answers: { 'over-the-ear': 'Über dem Ohr', none: 'Mit nichts', 'in-the-ear': 'Im Ohr, stundenlang' }
	},
	cables: {
		question: 'Wo verlaufen die Kabel?',
		why: 'Über ein Kabel vor den Füßen kann man stolpern und einen Bildschirm vom Stapel ziehen.',
		look: 'Schauen Sie unter den Tisch.',
		answers: { 'out-of-the-way': 'Aus dem Weg', 'at-the-feet': 'Vor meinen Füßen oder quer über den Boden' }
	},
	strips: {
		question: 'Wo steckt Ihre Steckdosenleiste?',
		why: 'Eine Leiste in einer anderen kann überhitzen. Stecken Sie jede in eine Wandsteckdose.',
		look: 'Folgen Sie dem Kabel bis zur Wand.',
		answers: {
			'into-the-wall': 'In der Wand',
			none: 'Ich habe keine',
			'into-another': 'In einer anderen Leiste'
		}
	},
	stacks: {
		question: 'Stehen Ihre Stapel fest?',
		why: 'Was wackelt, kann umfallen, mit dem Bildschirm darauf.',
		look: 'Nehmen Sie den Bildschirm herunter und drücken Sie mit der Hand gegen jeden Stapel.',
		answers: { none: 'Ich habe keine', firm: 'Fest', wobble: 'Einer wackelt' }
	},
	vents: {
		question: 'Ist die Lüftung des Laptops frei?',
		why: 'Stoff über der Lüftung staut die Wärme, und das kann einen Brand auslösen.',
		look: 'Fühlen Sie, wo die warme Luft herauskommt.',
		answers: { free: 'Frei', covered: 'Auf Stoff oder verdeckt' }
	},
	wiped: {
		question: 'Wann haben Sie Tastatur und Maus zuletzt abgewischt?',
		why: 'Die Hände gehen von dort ins Gesicht.',
		look: '',
		answers: { 'this-month': 'Diesen Monat', 'long-ago': 'Vor längerer Zeit' }
	},
	'second-spot': {
		question: [
			{ holds: AT_STANDING_SPOT, text: 'Gibt es einen Platz, an dem Sie auch sitzend arbeiten können?' },
			{ holds: {}, text: 'Gibt es einen Platz, an dem Sie stehend arbeiten können?' }
		],
		why: 'Keine Haltung ist lange gut, wie gut der Arbeitsplatz auch ist.',
		look: [
			{
				holds: AT_STANDING_SPOT,
				text: 'Ein Tisch mit Stuhl: die Hände wieder auf Höhe der Ellenbogen.'
			},
			{ holds: {}, text: 'Eine Arbeitsplatte, eine Kommode oder ein Bügelbrett genügt.' }
		],
		answers: YES_NO
	},
	'standing-time': {
		question: 'Wie verbringen Sie den Tag im Stehen?',
		why: STANDING_STILL,
		look: '',
		answers: { 'in-turns': 'Im Wechsel mit Sitzen', 'all-day': 'Ich stehe den ganzen Tag' }
	},
	'standing-weight': {
		question: 'Wie stehen Sie?',
		why: 'Das ganze Gewicht auf einem Bein kippt die Hüfte.',
		look: '',
		answers: { even: 'Gleichmäßig oder ein Fuß vorn', 'one-leg': 'Meistens auf einem Bein' }
	},
	'standing-legs': {
		question: 'Wie stehen Sie?',
		why: 'Das ganze Gewicht auf einem Bein kippt die Hüfte. Durchgedrückte Knie ermüden den Rücken.',
		look: 'Schauen Sie nach zehn Minuten nach unten.',
		answers: {
			even: 'Auf beiden Füßen',
			'split-stance': 'Ein Fuß vorn, im Wechsel',
			'one-knee-on-a-stool': 'Ein Fuß oder Knie auf einem Hocker, im Wechsel',
			'one-leg': 'Meistens auf einem Bein',
			locked: 'Mit durchgedrückten Knien'
		}
	},
	'get-up': {
		question: [
			{ holds: AT_STANDING_SPOT, text: 'Wie oft gehen Sie umher oder setzen sich?' },
			{ holds: {}, text: 'Wie oft stehen Sie auf?' }
		],
		why: NEXT_POSITION,
		look: '',
		answers: { 'every-half-hour': 'Jede halbe Stunde', 'every-hour': 'Jede Stunde', seldom: 'Selten' }
	},
	'weight-shift': {
		question: 'Wie oft verlagern Sie Ihr Gewicht, lehnen sich und bewegen die Arme?',
		why: `${NEXT_POSITION} Auch die Haut unter Ihnen braucht den Wechsel.`,
		look: '',
		answers: { 'every-half-hour': 'Jede halbe Stunde oder öfter', seldom: 'Selten' }
	},
	'soft-seat-hours': {
		question: 'Wie lange am Stück arbeiten Sie dort?',
		why: 'Ein weicher Sitz lässt den Rücken einsinken und den Nacken beugen.',
		look: '',
		answers: { 'under-half-an-hour': 'Weniger als eine halbe Stunde', longer: 'Länger' }
	},
	'far-look': {
		question: 'Wie oft schauen Sie in die Ferne?',
		why: 'Arbeit in der Nähe hält einen kleinen Muskel im Auge angespannt, und Starren trocknet das Auge aus.',
		look: 'Schauen Sie alle 20 Minuten 20 Sekunden lang etwa 6 m weit weg, und blinzeln Sie.',
		answers: { often: 'Mehrmals pro Stunde', seldom: 'Selten' }
	},
	calls: {
		question: 'Wo führen Sie Gespräche?',
		why: 'Gespräche sind eine Gelegenheit zu gehen.',
		look: '',
		answers: { 'on-my-feet': 'Im Stehen oder Gehen', 'no-calls': 'Ich habe keine', seated: 'Im Sitzen' }
	},
	signal: {
		question: 'Was bringt Sie in Bewegung?',
		why: 'Schmerz kommt spät. Bewegen Sie sich vorher.',
		look: '',
		answers: { 'by-plan': 'Ein Plan, eine Uhr, eine Gewohnheit', 'when-it-hurts': 'Wenn etwas wehtut' }
	}
};

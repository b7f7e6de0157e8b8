import type { Catalogue } from '../../shapes';

/** The steps of a plan: what to do, and how to see that it has worked. */
export const stepTexts: Catalogue['steps'] = {
	places: {
		surface: 'Tisch',
		seat: 'Sitz',
		feet: 'Füße',
		back: 'Rücken',
		keys: 'Tastatur',
		mouse: 'Maus',
		screen: 'Bildschirm',
		distance: 'Abstand',
		tilt: 'Neigung'
	},
	folded: (label, layers) => `${label}, auf ${layers} Lagen gefaltet`,
	face: (label, height) => `${label}, so gestellt, dass die Höhe ${height} beträgt`,
	rolled: (label, roll) => {
		const folded = ['', 'einmal gefaltet, dann ', 'zweimal gefaltet, dann '][roll.folds] ?? '';
		return `${label}, ${folded}auf ${roll.length} Länge zu einer ${roll.diameter} dicken Rolle gerollt und zugebunden`;
	},
	bottomUp: (list) => `Von unten nach oben: ${list}.`,
	set: {
		surface: (h) => `Stellen Sie die Tischplatte auf ${h} über dem Boden.`,
		seat: (h) => `Stellen Sie den leeren Sitz auf ${h} über dem Boden.`,
		screen: (h) => `Stellen Sie die Oberkante der Anzeige auf ${h} über dem Boden.`,
		distance: (h) =>
			`Stellen Sie den Bildschirm so, dass die Mitte der Anzeige ${h} von Ihren Augen entfernt ist.`
	},
	seatPads: 'Legen Sie sie flach, sodass sie den ganzen Sitz bedecken.',
	feet: 'Schieben Sie es dorthin, wo Ihre Füße stehen, beide Füße flach darauf.',
	back: {
		hollow: 'In die Mulde des unteren Rückens, knapp über dem Gürtel.',
		behind: 'Flach hinter den ganzen Rücken.'
	},
	keysFlat: 'Nah bei Ihnen und flach, die hinteren Füßchen eingeklappt.',
	keysStack: 'Legen Sie die Tastatur darauf, die hinteren Füßchen eingeklappt.',
	keysBack:
		'Schieben Sie die Tastatur zurück, bis der Tisch Ihre Unterarme vom Ellenbogen bis zum Handgelenk trägt.',
	mouse: 'Legen Sie die Maus darauf, neben die Tastatur und auf gleiche Höhe.',
	screenOn: 'Stellen Sie den Bildschirm darauf.',
	tilt: 'Neigen Sie die Anzeige um 10 bis 20° nach hinten, bis sie genau zu Ihren Augen zeigt.',
	target: {
		surface: (h) => `Die Tischplatte ist dann auf ${h}.`,
		seat: (h) => `Wenn Sie darauf sitzen, ist er auf ${h}.`,
		feet: (h) => `Ihre Füße sind dann ${h} über dem Boden.`,
		keys: (h) => `Die Tastatur ist dann auf ${h}.`,
		screen: (h) => `Die Oberkante der Anzeige ist dann auf ${h}.`
	},
	check: {
		forearmsLevel:
			'Schultern unten, Oberarme hängen: Ihre Unterarme sind waagerecht, die Hände auf der Tastatur.',
		forearmsSloping: 'Schultern unten, Oberarme hängen: Ihre Unterarme fallen leicht zur Tastatur ab.',
		forearmsCarried: 'Schultern unten: Der Tisch trägt Ihre Unterarme vom Ellenbogen bis zum Handgelenk.',
		kneesLower: 'Der ganze Fuß steht auf. Verschüttetes Wasser würde vom Schoß zu den Knien laufen.',
		kneesHigher: 'Der ganze Fuß steht auf, die Knie sind etwas höher als die Hüfte.',
		hollow: 'Sie spüren es, ohne nach vorn geschoben zu werden.',
		behind: 'Die Sitzkante berührt Ihre Knie nicht, und Ihr Rücken darf sich runden.',
		wrists: 'Die Hände verlängern die Unterarme gerade, weder nach oben noch nach unten.',
		mouse: 'Sie liegt so hoch wie die Tastatur, und der Ellenbogen bleibt am Körper.',
		topEdge: 'Geradeaus blickend treffen Sie die Oberkante der Anzeige oder knapp darüber.',
		lookOver: (mm) =>
			`Geradeaus blickend sehen Sie über den Bildschirm: Die Oberkante ist etwa ${mm} unter Ihren Augen. Sie lesen, ohne das Kinn zu heben.`,
		distance: 'Zurückgelehnt lesen Sie Ihren kleinsten Text, ohne sich vorzubeugen.',
		tilt: 'Halten Sie einen Spiegel flach an den Bildschirm: Sie sehen Ihre eigenen Augen.'
	},
	cautions: {
		'push-before-use':
			'Drücken Sie mit der Hand gegen den Stapel, bevor etwas daraufkommt. Wenn er wackelt, bauen Sie ihn breiter, nicht höher. Nichts Zerbrechliches verwenden.',
		'nobody-stands-on-it': 'Nur zum Aufstellen der Füße. Steigen Sie nie darauf.',
		'pads-rock':
			'Dicke Polster können kippeln. Wenn Sie unsicher sitzen, nehmen Sie das oberste Stück weg und messen Sie noch einmal.',
		'castors-roll': 'Dieser Stuhl rollt: Setzen Sie sich langsam, wenn er gepolstert ist.',
		'laptop-vents': 'Halten Sie die Lüftung des Laptops frei: nichts Weiches darunter oder darüber.',
		'half-hour-spells':
			'Ein Laptop kann nicht für Hände und Augen zugleich passen. Arbeiten Sie hier höchstens 30 Minuten, dann bewegen Sie sich.',
		'hand-over-thigh':
			'Die Höhen sind geschätzt, richten Sie sich also nach dem Gefühl: Hören Sie auf, solange eine flache Hand noch über den Oberschenkel passt.',
		'chin-down':
			'Wenn Sie zum Lesen noch das Kinn heben, stellen Sie den Bildschirm tiefer oder fragen Sie Ihre Optikerin oder Ihren Optiker.'
	}
};

/** Sitting styles; where experts differ, each is one view. */
export const sittingStyleNames: Catalogue['ways'] = {
	upright: {
		name: 'Aufrecht: Ellenbogen etwa im rechten Winkel',
		why: 'Normen und die meisten Fachleute empfehlen das, und es passt zu festen Tischen.'
	},
	open: {
		name: 'Offen: Ellenbogen und Knie weiter als ein rechter Winkel',
		why: 'Das erleichtert Durchblutung und Nerven und braucht einen niedrigen Tisch oder den Schoß.'
	},
	'forearms-down': {
		name: 'Unterarme auf dem Tisch',
		why: 'Die Tastatur liegt weiter hinten, und der Tisch trägt die Arme.'
	},
	active: {
		name: 'Aktiv: vorn auf dem Sitz, Hüfte deutlich höher als die Knie',
		why: 'Der Rücken ist frei. Das ist für kurze Zeit gedacht, nicht für den ganzen Tag.'
	}
};

/** The sitting style that a plan was made for. */
export const sittingStyleSentence: Catalogue['wayOf'] = (name, why) =>
	`Dieser Plan gilt für eine Sitzhaltung. ${name}. ${why} Fachleute sind sich nicht einig.`;

import type { PhotoTexts } from '../../shapes';

export const photoTexts: PhotoTexts = {
	title: 'Mit einem Seitenfoto messen',
	lead: 'Ein Foto von der Seite kann jemanden mit einem Maßband ersetzen. Sie markieren darin Ihre Gelenke, und diese Seite berechnet Winkel und Höhen.',
	private:
		'Das Foto verlässt dieses Gerät nie. Es wird nicht gesendet und nicht gespeichert und ist weg, wenn Sie diese Seite schließen. Nur die Zahlen werden gespeichert, und nur wenn Sie das wollen.',
	how: [
		'Stellen Sie die Kamera 2 bis 3 Meter entfernt auf, auf Höhe Ihres Ellbogens, gerade auf Ihre Seite gerichtet. Nehmen Sie den Selbstauslöser, oder jemand drückt auf den Knopf.',
		'Halten Sie ein A4-Blatt flach an Ihre Seite, der Kamera zugewandt, oder klemmen Sie es an die Armlehne. Eine Bankkarte geht auch, aber weniger genau.',
		'Sitzen Sie wie bei der Arbeit, die Hände auf der Tastatur. Für Körpermaße sitzen Sie aufrecht.'
	],
	choose: 'Foto auswählen',
	take: 'Foto aufnehmen',
	another: 'Anderes Foto nehmen',
	notOpened: 'Diese Datei lässt sich nicht als Bild öffnen. Wählen Sie ein Foto als JPEG oder PNG.',
	tooSmall: (px) =>
		`Dieses Bild ist zu klein, um darin zu messen. Die längere Seite braucht mindestens ${px} Pixel.`,
	needsStature:
		'Geben Sie zuerst auf der ersten Seite Ihre Körpergröße ein. Das Foto wird mit ihr ausgewertet.',
	toStature: 'Körpergröße eingeben',
	scaleLegend: 'Was auf dem Foto hat eine bekannte Größe?',
	scales: {
		a4: 'Ein A4-Blatt',
		card: 'Eine Bankkarte',
		table: 'Der Tisch, dessen Höhe Sie gemessen haben'
	},
	placeNext: (name) => `Als Nächstes: ${name}. Tippen Sie auf die Stelle im Foto.`,
	allPlaced: 'Alles ist markiert. Prüfen Sie jede Markierung und verschieben Sie sie, wenn nötig.',
	keys: 'Ziehen Sie eine Markierung, oder wählen Sie sie aus und nehmen Sie die Pfeiltasten. Mit Umschalt sind die Schritte größer. Die Eingabetaste setzt die nächste Markierung.',
	moveMark: 'Markierung verschieben',
	ways: {
		left: 'ein Pixel nach links',
		up: 'ein Pixel nach oben',
		down: 'ein Pixel nach unten',
		right: 'ein Pixel nach rechts'
	},
	magnifier: 'Lupe',
	picture: 'Ihr Foto mit den Markierungen',
	undo: 'Letzte Markierung entfernen',
	marks: {
		corner1: 'erste Ecke des Blatts oder der Karte',
		corner2: 'zweite Ecke des Blatts oder der Karte',
		corner3: 'dritte Ecke des Blatts oder der Karte',
		corner4: 'vierte Ecke des Blatts oder der Karte',
		tableTop: 'Oberkante des Tischs neben Ihnen',
		floor: 'Boden unter Ihrer Ferse',
		seat: 'Oberseite des Sitzes unter dem Oberschenkel',
		eye: 'äußerer Augenwinkel',
		ear: 'Gehörgang',
		neck: 'Knochen unten am Nacken',
		shoulder: 'Mitte des Schultergelenks',
		elbow: 'Knochen außen am Ellbogen',
		wrist: 'Mitte des Handgelenks',
		knuckle: 'Grundgelenk des kleinen Fingers',
		hip: 'Hüftgelenk, der Knochen an der Seite',
		knee: 'Außenseite des Kniegelenks',
		ankle: 'Knochen außen am Knöchel',
		upright1: 'oberes Ende von etwas Senkrechtem, etwa eines Türrahmens',
		upright2: 'unteres Ende der ersten senkrechten Linie',
		upright3: 'oberes Ende einer zweiten senkrechten Linie, weit von der ersten',
		upright4: 'unteres Ende der zweiten senkrechten Linie'
	},
	skipUpright: 'Nichts weiteres Senkrechtes auf dem Foto',
	edgesFound: 'Die Kanten des Blatts wurden im Foto gefunden und die Ecken darauf gesetzt.',
	edgesNotFound:
		'Die Kanten heben sich nicht vom Hintergrund ab. Setzen Sie die Ecken so genau, wie Sie können.',
	result: 'Ergebnisse aus dem Foto',
	angles: {
		neck: 'Nacken: nach vorn geneigt',
		'head-trunk': 'Ohr, Schulter und Hüfte: in einer Linie sind es 180°',
		elbow: 'Ellbogen',
		wrist: 'Handgelenk: nach oben abgeknickt',
		hip: 'Hüfte: zwischen Rumpf und Oberschenkel',
		knee: 'Knie'
	},
	published: {
		elbow: 'veröffentlichter Bereich 70 bis 135°',
		wrist: 'veröffentlichter Bereich bis 30°',
		hip: 'veröffentlichter Bereich ab 90°'
	},
	source: 'Bereiche: ANSI/HFES 100-2007. Ein Winkel beschreibt, er ist keine Diagnose.',
	heights: {
		eye: 'Auge über dem Boden',
		elbow: 'Ellbogen über dem Boden',
		seat: 'Sitz über dem Boden, mit Ihnen darauf'
	},
	value: (value, spread) => `${value} ± ${spread}`,
	spread: 'Bei 95 von 100 Fotos liegt die wahre Zahl innerhalb von ±.',
	issues: {
		scale: 'Die vier Ecken sehen nicht nach einem flachen Blatt dieser Größe aus. Prüfen Sie sie.',
		'upper-arm':
			'Ihr Oberarm ist demnach ungewöhnlich lang oder kurz. Prüfen Sie Schulter, Ellbogen und Blatt.',
		'too-near': 'Die Kamera war sehr nah. Gehen Sie auf mindestens 1,5 Meter.',
		turned: 'Die Kamera stand schräg zu Ihnen. Richten Sie sie gerade auf Ihre Seite.'
	},
	lengthsLegend: 'Körpermaße für Ihre Selbsteinschätzung',
	straight: 'Ich sitze oder stehe auf diesem Foto aufrecht',
	needsStraight: 'Körpermaße zählen nur, wenn Sie aufrecht sind, wie beim Messen mit jemandem.',
	lengthNow: (length) => `jetzt ${length}`,
	notMeasured: 'noch nicht gemessen',
	save: 'Diese Zahlen speichern',
	saveHow: 'Wer Sie betreut, sieht die Zahlen zusammen mit Ihren Antworten. Das Foto bleibt hier.',
	saved: 'Die Zahlen sind bei Ihren Antworten gespeichert.',
	remove: 'Zahlen aus dem Foto löschen',
	removed: 'Die Zahlen aus dem Foto sind gelöscht.',
	overlay: 'Gestrichelt: Sie auf dem Foto, über der Seitenansicht aus Ihren Antworten.',
	back: 'Zurück zu den Fragen'
};

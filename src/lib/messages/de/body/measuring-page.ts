import type { MeasuringPageTexts } from '../../shapes';

export const measuringPageTexts: MeasuringPageTexts = {
	title: 'Zu Hause messen',
	lead: 'Am besten mit einem Maßband. Ohne Maßband hilft eine dieser Möglichkeiten. Sagen Sie uns, welche Sie benutzt haben.',
	toTheWalk: 'Zurück zu den Fragen',
	ways: [
		{
			id: 'tape',
			title: 'Maßband',
			lines: [
				'Senkrecht bis zum Boden, an der Vorderkante von Tisch oder Sitz. Körpermaße gehen leichter, wenn jemand hilft.'
			]
		},
		{
			id: 'paper-ruler',
			title: 'Papierlineal zum Drucken',
			lines: [
				'Drucken Sie mit 100 %, ohne „An Seite anpassen“. Halten Sie die lange Seite einer Bankkarte an die dicke Linie. Beide müssen gleich lang sein.',
				'Schneiden Sie die vier Streifen aus und kleben Sie jeden an die Lasche des vorigen. Das ergibt einen Meter.'
			]
		},
		{
			id: 'a4-sheets',
			title: 'A4-Blätter aneinandergelegt',
			lines: [
				'Die lange Seite eines Blatts misst 29,7 cm, die kurze 21,0 cm. Nehmen Sie immer die lange Seite. Falten Sie ein Blatt für halbe, wählen Sie „A4-Blätter“ und zählen Sie.'
			]
		},
		{
			id: 'card',
			title: 'Eine Bankkarte und dieser Bildschirm, für kleine Dinge',
			lines: [
				'Für die Dicke eines Buchs oder Kissens. Stellen Sie den Maßstab einmal mit einer Karte ein. Dieses Gerät merkt ihn sich.'
			]
		},
		{
			id: 'photo',
			title: 'Seitenfoto, wenn niemand da ist',
			lines: [
				'Ein Foto von der Seite mit einem A4-Blatt darauf. Sie markieren Ihre Gelenke, und dieses Gerät berechnet Augen- und Ellbogenhöhe. Das Foto wird nie gesendet.'
			]
		},
		{
			id: 'hand-span',
			title: 'Handspanne, wenn sonst nichts da ist',
			lines: [
				'Vom Daumen bis zum kleinen Finger, gespreizt. Messen Sie Ihre Spanne einmal an einem A4-Blatt, dann zählen Sie.'
			]
		}
	],
	printA4: 'Lineal für A4-Papier',
	printLetter: 'Lineal für Letter-Papier',
	rulerTitle: 'Papierlineal',
	rulerLead:
		'Drucken Sie mit 100 %. Halten Sie vor dem Schneiden eine Bankkarte an die dicke Linie. Sind sie verschieden lang, stellen Sie die Skalierung des Druckers auf 100 %.',
	check: 'Prüfen: Diese Linie ist so lang wie die lange Seite einer Bankkarte (85,6 mm).',
	cardLabel: 'Stellen Sie den Rahmen so breit wie eine Bankkarte',
	cardHow: 'Halten Sie die Karte quer an den Bildschirm und bewegen Sie den Regler.',
	cardKept: 'Der Maßstab dieses Bildschirms ist auf diesem Gerät gespeichert.',
	cardNot: 'Noch nicht eingestellt, deshalb sind die Größen unten geschätzt.',
	thingLabel: 'Länge eines kleinen Gegenstands',
	thingHow: 'Halten Sie ihn an den Balken und bewegen Sie den Regler, bis beide gleich lang sind.'
};

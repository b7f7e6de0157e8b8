import type { ChecklistTexts } from '../../shapes';

/** Other ways, each with what to do. Facts: common practice. */
export const variantTexts: ChecklistTexts['variants'] = {
	'another-spot': {
		name: 'Zuerst ein besserer Platz',
		how: (w) =>
			`Ein Sofa oder Bett lässt sich nicht passend machen. Suchen Sie einen Tisch zwischen ${w.from} und ${w.to} Höhe und einen Stuhl mit ${w.rise} Sitzhöhe.`,
		care: 'Arbeiten Sie bis dahin hier höchstens eine halbe Stunde, dann bewegen Sie sich.'
	},
	'keyboard-on-lap': {
		name: 'Die Tastatur auf dem Schoß',
		how: (w) =>
			w.things.length > 0
				? `Falten Sie ${w.things[0]} einmal, legen Sie es auf den Schoß und die Tastatur darauf. Die Hände kommen auf die Höhe der Ellenbogen.`
				: 'Legen Sie die Tastatur auf den Schoß. Die Hände kommen auf die Höhe der Ellenbogen.',
		care: 'Nie einen Laptop auf ein Handtuch: Seine Lüftung braucht Luft.'
	},
	'mouse-on-side-table': {
		name: 'Die Maus auf einem Beistelltisch',
		how: (w) =>
			`Stellen Sie einen kleinen Tisch direkt neben sich. Seine Platte sollte zwischen ${w.from} und ${w.to} hoch sein.`
	},
	wedge: {
		name: 'Eine Schräge unter der Tastatur',
		how: (w) =>
			`Legen Sie ${w.things[0]} mit dem Rücken zu Ihnen unter die Tastatur. Sie fällt um ${w.degrees} nach hinten ab. Die Tastatur steigt um ${w.rise}, ihre vordere Kante um ${w.edge}.`,
		care: 'Die Handgelenke sollten danach gerade sein. Wenn nicht, nehmen Sie es wieder weg.'
	},
	'sloped-books': {
		name: 'Eine schräge Auflage für die Füße',
		how: (w) =>
			w.things.length > 1
				? `Lehnen Sie ${w.things[0]} an ${w.things[1]}: Das ergibt ${w.degrees} Neigung. Wechseln Sie mit der flachen Auflage ab.`
				: `Stellen Sie die Füße auf ${w.things[0]} und lassen Sie sie wippen, im Wechsel mit der flachen Auflage.`,
		care: 'Nur zum Aufstellen der Füße. Steigen Sie nie darauf.'
	},
	'jacket-roll': {
		name: 'Wenn die Rolle verrutscht',
		how: () =>
			'Hängen Sie eine Jacke über den Stuhl und schieben Sie die Rolle durch ihre Tasche. Sie hält in jeder Höhe.'
	},
	recline: {
		name: 'Zurücklehnen, und der Bildschirm kommt mit',
		how: (w) =>
			`Neigen Sie die Lehne um ${w.degrees} nach hinten. Ihre Augen kommen um ${w.lower} tiefer, holen Sie also den Bildschirm um ${w.nearer} näher und neigen Sie ihn ebenso weit.`,
		care: 'Fachleute sind sich nicht einig: Andere sitzen aufrecht. Lehnen Sie sich nur so weit zurück, wie der Kopf gestützt bleibt.'
	},
	'high-chair': {
		name: 'Ein hoher Stuhl, im Wechsel mit Stehen',
		how: (w) =>
			`Auf dieser Höhe können Sie auch sitzen: auf einem ${w.from} hohen Sitz, mit einer ${w.feet} hohen Auflage für die Füße.`,
		care: 'Nur auf einem Stuhl, der für diese Höhe gebaut ist.'
	},
	'knee-on-stool': {
		name: 'Ein Fuß vorn oder ein Knie auf dem Hocker',
		how: (w) =>
			`Stellen Sie ein Knie auf einen etwa ${w.from} hohen Hocker, oder einen Fuß nach vorn. Wechseln Sie die Seite.`,
		care: 'Langes Stillstehen ist so schlecht wie langes Stillsitzen.'
	},
	'move-about': {
		name: 'Jede halbe Stunde den Platz wechseln',
		how: (w) =>
			w.from
				? `Mit dem Laptop allein ist kein Platz lange richtig. Für die Hände passen Tische von ${w.from} bis ${w.to}, im Stehen von ${w.standingFrom} bis ${w.standingTo}.`
				: `Mit dem Laptop allein ist kein Platz lange richtig. Im Stehen passen für die Hände Flächen von ${w.standingFrom} bis ${w.standingTo}.`
	}
};

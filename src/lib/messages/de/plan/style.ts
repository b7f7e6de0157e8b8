import type { Catalogue } from '../../shapes';

/** What the plan says about other sitting styles. */
export const styleTrialTexts: Catalogue['style'] = {
	link: 'Eine andere Sitzhaltung ausprobieren'
};

/** The self-test of the back. Facts: common practice. */
export const backTestTexts: Catalogue['backTest'] = {
	title: 'Nicht sicher? Ein Test von einer halben Minute',
	steps: [
		'Setzen Sie sich vorn auf einen festen Stuhl, beide Füße flach.',
		'Runden Sie langsam den Rücken, dann strecken Sie ihn langsam ins Hohlkreuz. Wiederholen Sie das fünfmal.',
		'Bleiben Sie jeweils einen Atemzug lang. Welche der beiden Bewegungen tut Ihrem Rücken gut?'
	],
	round: 'Runden: Der Rücken krümmt sich nach vorn, der Kopf hängt.',
	arch: 'Strecken: Die Brust hebt sich, der untere Rücken wird hohl.',
	care: 'Gehen Sie nur so weit, wie es angenehm ist. Hören Sie auf, wenn Schmerz ins Bein zieht, und wählen Sie „Nichts Besonderes“.'
};

import type { DeskTexts } from '../../shapes';

/** German words for whatever the organisation publishes in versions. */
export const versionTexts: DeskTexts['versions'] = {
	heading: 'Fassungen',
	version: (n) => `Fassung ${n}`,
	current: (version) => `${version}, gilt jetzt`,
	note: 'Warum Sie das ändern',
	noteHint: 'Ihr Team liest es in der Liste der Fassungen.',
	publish: 'Veröffentlichen',
	by: (name, when) => `${name}, ${when}`,
	gone: 'ein geschlossenes Konto',
	use: 'Von dieser Fassung ausgehen',
	download: 'Herunterladen'
};

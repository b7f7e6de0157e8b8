import type { CheckId } from '$lib/core/workstation/checks/check-values';
import type { MeasurableLengthName } from '$lib/core/workstation/checks/check-uncertainty';
import type { Verdict } from '$lib/core/workstation/checks/verdict';

export const heightCheckTexts = {
	names: { knee: 'Knees', elbow: 'Elbow', eye: 'Screen top', thigh: 'Thigh room' } satisfies Readonly<
		Record<CheckId, string>
	>,
	fits: 'fits',
	unsure: 'not known yet',
	atEdge: 'at the edge: fine if it feels fine',
	about: (length: string) => `about ${length}`,
	toBeSure: (name: string) => `not known yet: measure ${name}`,
	surer: (name: string) => `To be more certain, measure ${name}.`,
	/** What a value outside its band says, by the side it lies on. */
	off: {
		knee: {
			low: (mm: string) => `seat ${mm} too low`,
			high: (mm: string) => `seat ${mm} too high for the feet`
		},
		elbow: { low: (mm: string) => `keyboard ${mm} too high`, high: (mm: string) => `keyboard ${mm} too low` },
		eye: { low: (mm: string) => `screen ${mm} too low`, high: (mm: string) => `screen ${mm} too high` },
		thigh: { low: (mm: string) => `${mm} too little room`, high: (mm: string) => `${mm} more than needed` }
	} satisfies Readonly<Record<CheckId, Readonly<Record<'low' | 'high', (length: string) => string>>>>,
	/** Label of the earlier gap, and of one that has grown. */
	was: 'was',
	worse: 'worse',
	verdicts: { fits: 'fits', unsure: 'not known yet', off: 'problem' } satisfies Readonly<
		Record<Verdict, string>
	>,
	likely: (words: string) => `perhaps ${words}`,
	markText: (name: string, words: string, value: string, band: string) =>
		`${name}: ${words}. Value ${value}, good ${band}.`,
	band: (low: string, high: string | null) => (high === null ? `from ${low}` : `from ${low} to ${high}`)
};

export const measurableLengthTexts = {
	popliteal: 'floor to the hollow of the knee',
	sittingElbow: 'seat to elbow',
	sittingEye: 'seat to eye',
	thigh: 'thickness of your thigh',
	buttockPopliteal: 'seat to the hollow of the knee',
	standingElbow: 'floor to elbow, standing',
	standingEye: 'floor to eye, standing',
	seat: 'the seat’s height',
	surface: 'the table’s height',
	thickness: 'the table’s thickness'
} satisfies Readonly<Record<MeasurableLengthName, string>>;

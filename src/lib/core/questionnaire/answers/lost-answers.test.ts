import { describe, expect, it } from 'vitest';
import { ANSWER_FIELDS } from './answer-fields';
import { CHOICE_FIELDS, LENGTH_FIELDS, type Answers } from './fields';
import { cornerFromAnswers } from './corner-from-answers';

/** Fields that change no workstation document, each with what reads it instead. */
const READ_ELSEWHERE: Readonly<Record<string, string>> = {
	handSpan: 'counts lengths measured in hand-spans: the lengths are in the document',
	unit: 'how lengths are typed: another unit makes another length, or none',
	drawnAs: 'the drawing',
	hurts: 'whether discomfort is known: the reports are in the document',
	hasThings: 'whether the list of items is complete',
	route: 'which questions are asked',
	letterSize: 'the reading distance, a check besides heights',
	city: 'the sun at the window',
	windowFaces: 'the sun at the window'
};

/** Workstations of every kind, so that each field has one where it is asked. */
const CONTEXTS: readonly Answers[] = ['sitting', 'standing'].flatMap((posture) =>
	['laptop', 'monitor'].flatMap((screenKind) =>
		['built-in', 'separate'].flatMap((keysKind) =>
			['yes', 'no'].map((moves) => ({
				unit: 'mm',
				stature: '1700',
				posture,
				screenKind,
				keysKind,
				surfaceHeight: posture === 'standing' ? '920' : '740',
				seatHeight: '450',
				topAboveBase: '430',
				by: 'tape',
				popliteal: '420',
				standingElbow: '1050',
				armrest: 'yes',
				footBar: 'yes',
				surfaceMoves: moves,
				seatMoves: moves,
				screenMoves: moves,
				tray: moves,
				seatKind: moves === 'yes' ? 'chair' : 'stool'
			}))
		)
	)
);

/** The document of answers; what is refused makes none. */
const documentOf = (answers: Answers) => {
	const { corner } = cornerFromAnswers(answers, 'upright');
	return corner && JSON.stringify(corner);
};

/** Whether some workstation differs by the two answers. */
const isTold = (name: string, one: string, other: string) =>
	CONTEXTS.some((context) => {
		const [a, b] = [one, other].map((value) => documentOf({ ...context, [name]: value }));
		return a !== null && b !== null && a !== b;
	});

describe('what is asked', () => {
	it('reaches the workstation document with every answer, or is read elsewhere by name', () => {
		const lost: string[] = [];
		for (const [name, { bounds, usual }] of Object.entries(LENGTH_FIELDS)) {
			const values = [...new Set([...bounds, ...usual, Math.round((usual[0] + usual[1]) / 2)])].map(String);
			const pairs = values.flatMap((one) => values.map((other) => [one, other] as const));
			if (!pairs.some(([one, other]) => isTold(name, one, other))) lost.push(name);
		}
		for (const [name, { options }] of Object.entries(CHOICE_FIELDS)) {
			const all: readonly string[] = options;
			// Each option makes a difference to some other one.
			if (!all.every((one) => all.some((other) => isTold(name, one, other)))) lost.push(name);
		}
		expect(lost.sort()).toEqual(Object.keys(READ_ELSEWHERE).sort());
	});

	it('does so for precautions, discomfort of each region, and lengths that can’t be measured', () => {
		const fields = [...ANSWER_FIELDS.keys()];
		const care = fields.filter((name) => name.startsWith('care.'));
		expect(care.length).toBeGreaterThan(3);
		for (const name of care) expect(isTold(name, 'yes', ''), name).toBe(true);
		const worst = fields.filter((name) => /^pain\..+\.worst$/.test(name));
		expect(worst.length).toBeGreaterThan(10);
		for (const name of worst) {
			const days = { [name.replace('.worst', '.days')]: '3', hurts: 'yes' };
			const told = (score: string) => documentOf({ ...CONTEXTS[0], ...days, [name]: score });
			expect(told('6'), name).not.toBe(told('3'));
		}
		for (const name of fields.filter((field) => field.startsWith('cant.'))) {
			const length = name.slice('cant.'.length) as keyof typeof LENGTH_FIELDS;
			const isOne = CONTEXTS.some((context) =>
				LENGTH_FIELDS[length].usual.some((mm) => {
					const [a, b] = ['', 'yes'].map((said) =>
						documentOf({ ...context, [length]: String(mm), [name]: said })
					);
					return a !== null && b !== null && a !== b;
				})
			);
			expect(isOne, name).toBe(true);
		}
	});

	it('would be found if it were lost', () => {
		expect(isTold('surfaceMoves', 'yes', 'no')).toBe(true);
		expect(isTold('letterSize', '1.2', '5')).toBe(false);
	});
});

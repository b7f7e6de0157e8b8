import { describe, expect, it } from 'vitest';
import { DEMO_PEOPLE } from '../../../../../seed/people';
import { convertUnit } from './convert-unit';
import { cornerFromAnswers } from './corner-from-answers';
import { discomfortFromAnswers } from './discomfort-answers';
import { answersChangedSince } from './changed-since';
import { measuredRiseField } from './household-things';
import { redFlagsOf } from './checklist-fields';

const answered = DEMO_PEOPLE.flatMap(({ answers }) => (answers ? [answers as Record<string, string>] : []));

function takenIn(answers: Record<string, string>) {
	const { corner } = cornerFromAnswers(answers, 'upright');
	if (!corner) throw new Error('Not answered');
	return { corner, discomfort: discomfortFromAnswers(answers).reports, signs: redFlagsOf(answers) };
}

describe('answers that were sent', () => {
	it('have not changed as long as they say the same, in whichever unit', () => {
		for (const answers of answered) {
			expect(answersChangedSince(takenIn(answers), answers, 'upright')).toBe(false);
			for (const unit of ['cm', 'mm', 'in'] as const) {
				const converted = convertUnit(answers, (answers.unit ?? 'cm') as 'cm', unit);
				expect(answersChangedSince(takenIn(answers), converted, 'upright')).toBe(false);
			}
		}
	});

	it.each([
		['a length', { surfaceHeight: '71' }],
		['a choice', { lenses: 'progressive' }],
		['a length taken back', { stature: '' }],
		['a sign', { 'sign.wakes-at-night': 'yes' }],
		['a score', { 'pain.low-back.worst': '8', 'pain.low-back.days': '3' }],
		[
			'a thing in the house',
			{ 'thing.30.kind': 'book', 'thing.30.a': '30', 'thing.30.b': '20', 'thing.30.c': '3' }
		],
		['a piece that doesn’t work', { 'out.t0': 'yes' }]
	])('have changed with %s', (_, fields) => {
		const mirela = answered[1] ?? {};
		expect(answersChangedSince(takenIn(mirela), { ...mirela, ...fields }, 'upright')).toBe(true);
	});

	it('have not changed by what was learnt of a pillow: that counts from the next plan on', () => {
		const mirela = answered[1] ?? {};
		const taken = takenIn(mirela);
		const pad = taken.corner.household.find(({ kind }) => kind === 'pillow' || kind === 'cushion');
		if (!pad) throw new Error('No pillow');
		const learned = { ...mirela, [measuredRiseField(Number(pad.id.slice(1)))]: '33' };
		expect(cornerFromAnswers(learned, 'upright').corner).not.toEqual(taken.corner);
		expect(answersChangedSince(taken, learned, 'upright')).toBe(false);
		expect(answersChangedSince(taken, { ...learned, surfaceHeight: '71' }, 'upright')).toBe(true);
	});
});

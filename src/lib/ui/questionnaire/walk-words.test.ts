import { describe, expect, it } from 'vitest';
import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
import { messagesFor } from '$lib/messages';
import { heightsOnRail } from './heights-on-rail';
import { issueWords } from './issue-words';

const t = messagesFor();

describe('what is wrong with an answer', () => {
	const issue = (code: FieldIssue['code'], more: Partial<FieldIssue> = {}): FieldIssue => ({
		field: 'surfaceHeight',
		code,
		bounds: [300, 1400],
		...more
	});

	it('is told for every kind, with what to do', () => {
		const codes = [
			'missing',
			'no-name',
			'negative',
			'range-order',
			'not-a-count',
			'empty',
			'not-a-length',
			'too-large',
			'too-small',
			'too-big'
		] as const;
		for (const code of codes)
			for (const unit of ['cm', 'mm', 'in'] as const) {
				const words = issueWords(issue(code), t, unit);
				expect(words.length).toBeGreaterThan(10);
				expect(words).not.toMatch(/undefined|NaN|error/i);
			}
	});

	it('gives an example in the unit that is typed, and asks whether another was meant', () => {
		expect(issueWords(issue('not-a-length'), t, 'mm')).toContain('740');
		expect(issueWords(issue('not-a-length'), t, 'in')).toContain('29 1/8');
		const slip = issueWords(issue('too-small', { readMm: 74, meantMm: 740 }), t, 'cm');
		expect(slip).toContain('7.4 cm');
		expect(slip).toContain('74.0 cm');
		expect(slip).toContain('30.0 cm');
	});
});

describe('the heights on the rail', () => {
	const answers = {
		unit: 'cm',
		seatHeight: '45',
		sittingElbow: '23',
		surfaceHeight: '74',
		topAboveBase: '22'
	};
	const heights = (more: Record<string, string>, active: string | null = null) =>
		Object.fromEntries(heightsOnRail({ ...answers, ...more }, 'cm', active).map(({ id, mm }) => [id, mm]));

	it('stand above the floor: the elbow over the seat, the screen over the table', () => {
		expect(heights({})).toEqual({
			seatHeight: 450,
			surfaceHeight: 740,
			sittingElbow: 680,
			topAboveBase: 960
		});
	});

	it('move with what they stand on', () => {
		expect(heights({ seatHeight: '50' }).sittingElbow).toBe(730);
		expect(heights({ surfaceHeight: '70' }).topAboveBase).toBe(920);
	});

	it('leave out what can not be read, and what stands on it', () => {
		expect(heights({ seatHeight: 'high' })).toEqual({ surfaceHeight: 740, topAboveBase: 960 });
		expect(heights({ posture: 'standing' })).not.toHaveProperty('sittingElbow');
	});

	it('mark the one that is being typed', () => {
		const notches = heightsOnRail(answers, 'cm', 'seatHeight');
		expect(notches.filter(({ active }) => active).map(({ id }) => id)).toEqual(['seatHeight']);
	});
});

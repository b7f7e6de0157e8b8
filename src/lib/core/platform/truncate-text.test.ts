import { describe, expect, it } from 'vitest';
import { cornerFromAnswers } from '../questionnaire/answers/corner-from-answers';
import { randomAnswers } from '../../../../tests/support/random-answers';
import { validateCorner } from '../workstation/corner/validate-corner';
import { truncateText } from './truncate-text';

describe('truncateText', () => {
	it.each([
		['Atlas', 10, 'Atlas'],
		['Atlas', 2, 'At'],
		['a📚b', 2, 'a📚'],
		['📚📚📚', 1, '📚'],
		['', 5, ''],
		['Atlas', 0, '']
	])('of %j, at most %i, are %j', (text, most, first) => {
		expect(truncateText(text, most)).toBe(first);
	});

	it('leave a name that is cut one that can be kept', () => {
		const whole = Array.from({ length: 200 }, (_, seed) => randomAnswers(seed)).find(
			(answers) => cornerFromAnswers(answers, 'upright').corner?.household[0]?.id === 't0'
		);
		if (!whole) throw new Error('Nobody has answered everything and has something');
		const label = `${'x'.repeat(119)}📚${'y'.repeat(60)}`;
		const { corner } = cornerFromAnswers({ ...whole, 'thing.0.label': label }, 'upright');
		expect(corner?.household[0]?.label).toBe(`${'x'.repeat(119)}📚`);
		expect(validateCorner(corner)).toMatchObject({ ok: true });
	});
});

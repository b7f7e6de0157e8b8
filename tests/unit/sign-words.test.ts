import { describe, expect, it } from 'vitest';
import { RED_FLAG_GROUPS, type RedFlagGroup } from '$lib/core/questionnaire/answers/red-flag-answers';
import { readingSeconds, answerSeconds } from '$lib/core/questionnaire/answer-time';
import { messagesFor } from '$lib/messages';

/** How long a tap takes, s: as the core reckons. */
const TAP_S = 1.5;

describe('the time that a group of signs takes', () => {
	it.each(Object.keys(RED_FLAG_GROUPS) as RedFlagGroup[])('is that of the words that %s shows', (group) => {
		const { first } = messagesFor();
		const signs = RED_FLAG_GROUPS[group];
		const texts = [
			first[`${group}Title`],
			first[`${group}Lead`],
			...signs.map((sign) => first.signs[sign]),
			signs.length > 1 ? first.none : ''
		];
		const words = texts.join(' ').trim().split(/\s+/).length;
		const question = { page: 'first', kind: 'signs', id: `signs.${group}`, group } as const;
		expect(answerSeconds(question)).toBeCloseTo(readingSeconds(words) + TAP_S, 9);
	});
});

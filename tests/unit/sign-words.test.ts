import { describe, expect, it } from 'vitest';
import { SIGN_GROUPS, type SignGroup } from '$lib/core/answers';
import { readingSeconds, secondsOf } from '$lib/core/asking/seconds';
import { messagesFor } from '$lib/messages';

/** How long a tap takes, s: as the core reckons. */
const TAP_S = 1.5;

describe('the time that a group of signs takes', () => {
	it.each(Object.keys(SIGN_GROUPS) as SignGroup[])('is that of the words that %s shows', (group) => {
		const { first } = messagesFor();
		const signs = SIGN_GROUPS[group];
		const texts = [
			first[`${group}Title`],
			first[`${group}Lead`],
			...signs.map((sign) => first.signs[sign]),
			signs.length > 1 ? first.none : ''
		];
		const words = texts.join(' ').trim().split(/\s+/).length;
		const question = { page: 'first', kind: 'signs', id: `signs.${group}`, group } as const;
		expect(secondsOf(question)).toBeCloseTo(readingSeconds(words) + TAP_S, 9);
	});
});

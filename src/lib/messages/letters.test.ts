import { describe, expect, it } from 'vitest';
import { emailTexts } from './en/letters';
import { emailButton } from './letters';

/** Every text of a catalogue; those with parameters filled in. */
function textsOf(part: unknown): string[] {
	if (typeof part === 'string') return [part];
	if (typeof part === 'function') return textsOf((part as (...of: string[]) => unknown)('Ada', '3 May'));
	return Object.values(part as object).flatMap(textsOf);
}

describe('emails', () => {
	it.each([
		['/c/abc', 'Open my self-assessment'],
		['/c/abc/messages', 'Read the message'],
		['/c/abc/plan', 'Open my plan'],
		['/c/abc/check-in', 'Answer the check-in'],
		['/desk/referrals/1', 'Read the referral'],
		['/desk/password/abc', 'Choose a password'],
		['/desk/account', 'Review my account'],
		['/desk', 'Open Easy Corner']
	])('say on their button what it opens: %s', (path, words) => {
		expect(emailButton(path)).toBe(words);
	});

	it('have a button of their own for everything that they open', () => {
		const buttons = Object.values(emailTexts.buttons);
		expect(new Set(buttons).size).toBe(buttons.length);
	});

	it('say "email" and "workstation", and nothing of a corner but in the name of the product', () => {
		for (const text of textsOf(emailTexts))
			expect(text.replaceAll('Easy Corner', '')).not.toMatch(/\b(?:letter|corner|post|whoever|somebody)\b/i);
	});
});

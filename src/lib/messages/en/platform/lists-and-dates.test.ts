import fc from 'fast-check';
import { expect, it } from 'vitest';
import { americanDateTexts } from './american-dates';
import { dateTexts } from './dates';
import { listTexts } from './lists';
import { isOne } from './numbers';

// The outside source: the Unicode locale data that Node.js ships, through Intl.

it('lists are written as the platform writes English ones', () => {
	const kinds = [
		['and', 'conjunction'],
		['or', 'disjunction'],
		['plain', 'unit']
	] as const;
	for (const [ours, type] of kinds) {
		const theirs = new Intl.ListFormat('en', { type });
		fc.assert(
			fc.property(fc.array(fc.string({ maxLength: 6 }), { maxLength: 6 }), (words) => {
				expect(listTexts[ours](words)).toBe(theirs.format(words));
			})
		);
	}
});

it('things that are alike stand in one entry, with how many there are', () => {
	expect(listTexts.things(['Book', 'Towel', 'Book'])).toBe('2 × Book and Towel');
	expect(listTexts.things(['Book'])).toBe('Book');
	expect(listTexts.things([])).toBe('');
});

it('days, months and times are written as the platform writes British ones', () => {
	const day = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
	const month = new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: 'UTC' });
	const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: 'UTC' });
	const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
	fc.assert(
		fc.property(
			fc.date({ min: new Date('1970-01-01'), max: new Date('2100-01-01'), noInvalidDate: true }),
			(at) => {
				expect(dateTexts.day(at)).toBe(day.format(at));
				expect(dateTexts.month(at.getUTCMonth() + 1)).toBe(month.format(at));
				expect(dateTexts.minutes(at.getUTCHours() * 60 + at.getUTCMinutes())).toBe(time.format(at));
				expect(dateTexts.clock(at)).toBe(clock.format(at));
			}
		)
	);
});

it('and, for readers in the United States, as it writes American ones', () => {
	const day = new Intl.DateTimeFormat('en-US', { dateStyle: 'long', timeZone: 'UTC' });
	const time = new Intl.DateTimeFormat('en-US', { timeStyle: 'short', timeZone: 'UTC' });
	const clock = new Intl.DateTimeFormat('en-US', { timeStyle: 'short' });
	// `Intl` uses a narrow space that some fonts lack.
	const plain = (words: string) => words.replaceAll('\u202f', ' ');
	fc.assert(
		fc.property(
			fc.date({ min: new Date('1970-01-01'), max: new Date('2100-01-01'), noInvalidDate: true }),
			(at) => {
				expect(americanDateTexts.day(at)).toBe(day.format(at));
				const minutes = at.getUTCHours() * 60 + at.getUTCMinutes();
				expect(americanDateTexts.minutes(minutes)).toBe(plain(time.format(at)));
				expect(americanDateTexts.clock(at)).toBe(plain(clock.format(at)));
			}
		)
	);
});

it('the singular is asked for as the platform asks for it', () => {
	const plural = new Intl.PluralRules('en');
	for (const n of [0, 0.5, 1, 1.5, 2, 11, 21, 101]) expect(isOne(n)).toBe(plural.select(n) === 'one');
});

import type { FindingId } from '$lib/core/checklist';
import { REGIONS, type Region } from '$lib/core/discomfort';
import { PURCHASES, type PurchaseId } from '$lib/core/plan';
import type { Grouping, PublishedShare } from '$lib/core/workforce';
import type { SittingStyle } from '$lib/core/corner';
import { messagesFor, DEFAULT_LOCALE } from '$lib/messages';
import { checklistTextsFor } from '$lib/messages/checklist';

const t = messagesFor();
const checklist = checklistTextsFor(DEFAULT_LOCALE);

/** What figures can be grouped by, as a choice. */
export const DIMENSION_WORDS: Readonly<Record<Grouping, string>> = {
	team: 'Team',
	country: 'Country',
	round: 'Round',
	way: 'Sitting style',
	route: 'Length of the questionnaire',
	spot: 'Kind of workstation',
	time: 'Date of the answers'
};

const ROUTE_WORDS: Readonly<Record<string, string>> = {
	short: 'Short questionnaire',
	complete: 'Full questionnaire'
};

const SPOT_WORDS: Readonly<Record<string, string>> = {
	standing: 'Standing',
	chair: 'Chair',
	stool: 'Stool or bench',
	ball: 'Ball',
	wheelchair: 'Wheelchair',
	sofa: 'Sofa or armchair',
	bed: 'Bed'
};

const country = new Intl.DisplayNames(DEFAULT_LOCALE, { type: 'region' });

/** The name of a group. @param rounds names of rounds by their id */
export function groupWords(by: Grouping, key: string, rounds: Readonly<Record<string, string>>): string {
	switch (by) {
		case 'team':
			return key || 'No team';
		case 'country':
			return key ? (country.of(key) ?? key) : 'Unknown country';
		case 'round':
			return key ? (rounds[key] ?? 'Deleted round') : 'Not part of a round';
		case 'way':
			// The first words are the name of the way; what follows explains it.
			return (t.ways[key as SittingStyle]?.name ?? key).split(':')[0] ?? key;
		case 'route':
			return ROUTE_WORDS[key] ?? key;
		case 'spot':
			return SPOT_WORDS[key] ?? key;
		case 'time':
			return key;
	}
}

/** The words of a region, finding or thing to buy. */
export function codeWords(code: string): string {
	if (REGIONS.some((region) => region === code)) return t.discomfort.places[code as Region];
	if (PURCHASES.some((purchase) => purchase === code)) return t.open.buy[code as PurchaseId];
	return checklist.findings[code as FindingId] ?? code;
}

/** A share as words. */
export const percent = (share: number) => `${Math.round(100 * share)}%`;

/** An interval of shares as words. */
export const between = ({ low, high }: { readonly low: number; readonly high: number }) =>
	`${Math.round(100 * low)}% to ${Math.round(100 * high)}%`;

/** Where nothing may be shown. */
export const HIDDEN = 'hidden';

const whole = new Intl.NumberFormat(t.dateLocale);

/** A whole number as words. */
export const formattedNumber = (n: number) => whole.format(n);

/** How many people, as words. */
export const peopleWords = (n: number) => `${formattedNumber(n)} ${n === 1 ? 'person' : 'people'}`;

/** How many of how many. */
export const ofWords = ({ x, n }: Pick<PublishedShare, 'x' | 'n'>) =>
	`${formattedNumber(x)} of ${formattedNumber(n)}`;

const signed = new Intl.NumberFormat(t.dateLocale, { maximumFractionDigits: 1, signDisplay: 'exceptZero' });

/** A change with its sign. */
export const signedNumber = (by: number) => signed.format(by).replace('-', '−');

/** A probability as words; not smaller than anybody can use. */
export const pValueText = (p: number) => (p < 0.001 ? 'less than 0.001' : p.toFixed(3));

const inUtc = (format: Intl.DateTimeFormatOptions) =>
	new Intl.DateTimeFormat(t.dateLocale, { ...format, timeZone: 'UTC' });
const day = inUtc({ day: 'numeric', month: 'long', year: 'numeric' });
const month = inUtc({ month: 'long', year: 'numeric' });
const moment = new Intl.DateTimeFormat(t.dateLocale, { dateStyle: 'medium', timeStyle: 'short' });

const midnight = (iso: string) => new Date(`${iso}T00:00:00Z`);

/** A day as words. */
export const reportDayWords = (iso: string) => day.format(midnight(iso));

/** The month of a day as words. */
export const reportMonthWords = (iso: string) => month.format(midnight(iso));

/** A moment as words. */
export const reportMomentWords = (at: Date) => moment.format(at);

/** Money as words. */
export const money = (cents: number, currency: string) =>
	new Intl.NumberFormat(t.dateLocale, { style: 'currency', currency }).format(cents / 100);

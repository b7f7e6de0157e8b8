import type { FindingId } from '$lib/core/questionnaire/checklist/findings';
import {
	EYE_TEST,
	isEquipmentItem,
	REQUESTABLE_ITEMS,
	type EquipmentItem,
	type RequestState
} from '$lib/core/plan/equipment';
import { REGIONS, type Region } from '$lib/core/cases/discomfort/regions';
import { PURCHASES, type PurchaseId } from '$lib/core/plan/purchases';
import type { Grouping } from '$lib/core/workforce/codes';
import type { PublishedChange } from '$lib/core/workforce/published-change';
import type { PublishedShare } from '$lib/core/workforce/figures';
import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
import { checklistTextsFor } from '../checklist';
import { deskCatalogue, deskWords } from './index';
import { itemName } from '../item-name';
import { deskLocale, deskReader } from '../desk-language';
import { countryWords, formatOf } from '../reader-formats';

/** The name of a group. @param rounds names of rounds by their id */
export function groupWords(by: Grouping, key: string, rounds: Readonly<Record<string, string>>): string {
	const texts = deskWords.effect;
	switch (by) {
		case 'team':
			return key || texts.noTeam;
		case 'country':
			return key ? countryWords(key) : texts.unknownCountry;
		case 'round':
			return key ? (rounds[key] ?? texts.deletedRound) : texts.noRound;
		case 'way':
			// The first words are the name of the sitting style; what follows explains it.
			return (deskCatalogue().ways[key as SittingStyle]?.name ?? key).split(':')[0] ?? key;
		case 'route':
			return texts.routes[key] ?? key;
		case 'spot':
			return texts.spots[key] ?? key;
		case 'time':
			return key;
	}
}

/** The name of a problem, shipped or added by the organisation. */
export const findingWords = (id: string): string =>
	checklistTextsFor(deskLocale()).findings[id as FindingId] ?? deskReader().ownNames[id] ?? id;

/** The name of an item of equipment, shipped or added by the organisation. */
export const itemWords = (code: EquipmentItem): string =>
	itemName(code, deskCatalogue(), deskReader().ownNames);

/** The state of a request in words: an eye test is done, and doesn't arrive. */
export const requestStateWords = (item: EquipmentItem, state: RequestState): string =>
	item === EYE_TEST && state === 'arrived' ? deskWords.requests.testDone : deskWords.requests.states[state];

/** The button that moves a request to a state. */
export const requestActWords = (item: EquipmentItem, to: RequestState): string =>
	item === EYE_TEST && to === 'arrived' ? deskWords.requests.markTestDone : deskWords.requests.acts[to];

/** Every item that can be requested for a person: shipped ones, and those that the organisation has added. */
export const everyItem = (): EquipmentItem[] => [
	...REQUESTABLE_ITEMS,
	...Object.keys(deskReader().ownNames).filter((code) => isEquipmentItem(code)),
	EYE_TEST
];

/** The words of a region, finding or thing to buy. */
export function codeWords(code: string): string {
	const t = deskCatalogue();
	if (REGIONS.some((region) => region === code)) return t.discomfort.places[code as Region];
	if (PURCHASES.some((purchase) => purchase === code)) return t.open.buy[code as PurchaseId];
	return findingWords(code);
}

/** A body region as a sentence has it. */
export function regionInSentence(code: string): string {
	const region = REGIONS.find((known) => known === code);
	return region ? deskCatalogue().discomfort.placesWithin[region] : code;
}

const numberFormat = (key: string, options: Intl.NumberFormatOptions) =>
	formatOf(key, (locale) => new Intl.NumberFormat(locale, options));

/** A whole number as words. */
export const formattedNumber = (n: number) => numberFormat('whole', {}).format(n);

/** A number with so many decimals. */
export const decimalNumber = (n: number, decimals: number) =>
	numberFormat(`decimal ${decimals}`, {
		minimumFractionDigits: decimals,
		maximumFractionDigits: decimals
	}).format(n);

/** A share as words. */
export const percent = (share: number) => deskWords.effect.percent(Math.round(100 * share));

/** An interval of shares as words. */
export const between = ({ low, high }: { readonly low: number; readonly high: number }) =>
	deskWords.effect.interval(percent(low), percent(high));

/** How many people, as words. */
export const peopleWords = (n: number) => deskWords.effect.people(n, formattedNumber(n));

/** The people that a figure is of, as its caption; empty where their number is hidden. */
export const peopleCount = (n: number | null, were = '') => (n === null ? '' : `${peopleWords(n)}${were}.`);

/** How many of how many. */
export const ofWords = ({ x, n }: Pick<PublishedShare, 'x' | 'n'>) =>
	deskWords.effect.share(formattedNumber(x), formattedNumber(n));

/** A signed change. */
export const signedNumber = (by: number) =>
	numberFormat('signed', { maximumFractionDigits: 1, signDisplay: 'exceptZero' })
		.format(by)
		.replace('-', '−');

/** For how many something got better, stayed and got worse, where less is better. */
export const countsWords = ({ counts }: PublishedChange) =>
	counts
		? deskCatalogue().lists.plain([counts.lower, counts.same, counts.higher].map(formattedNumber))
		: deskWords.effect.hidden;

/** Smallest p-value given as a number. */
const LEAST_P = 0.001;

/** A p-value in words; below the smallest useful one, only that it is smaller. */
export const pValueText = (p: number) =>
	p < LEAST_P ? deskWords.effect.pValueBelow(decimalNumber(LEAST_P, 3)) : decimalNumber(p, 3);

/** An amount of money in words. */
export const money = (cents: number, currency: string) =>
	numberFormat(`money ${currency}`, { style: 'currency', currency }).format(cents / 100);

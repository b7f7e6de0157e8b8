import { findingRule, SHOP_FIXES, type FindingId, type ShopFix } from '../checklist';

/** Things that can be asked for: what closes a gap of the heights, and what a finding beside them wants. */
export const ASKED_THINGS = SHOP_FIXES;

/** One of {@link ASKED_THINGS}. */
export type AskedThing = ShopFix;

/** The findings of some that a thing is for. */
export const findingsFor = (thing: AskedThing, findings: readonly FindingId[]): FindingId[] =>
	findings.filter((finding) => findingRule(finding).shop.includes(thing));

/** Where a request for equipment can stand, in the order in which it goes on. */
export const REQUEST_STATES = [
	'asked',
	'approved',
	'ordered',
	'sent',
	'arrived',
	'returned',
	'declined'
] as const;

/** One of {@link REQUEST_STATES}. */
export type RequestState = (typeof REQUEST_STATES)[number];

/** What may follow what. What lies in a store is sent without an order; what was lent comes back, and may be asked for again. */
export const NEXT_STATES: Readonly<Record<RequestState, readonly RequestState[]>> = {
	asked: ['approved', 'declined'],
	approved: ['ordered', 'sent', 'declined'],
	ordered: ['sent', 'arrived'],
	sent: ['arrived'],
	arrived: ['returned'],
	returned: ['asked'],
	declined: ['asked']
};

/** Whether a thing can come out of the store: once it is approved, and before one is ordered. */
export const canBeLent = (state: RequestState) => state === 'approved';

/** States in which somebody still waits for the thing. */
export const UNDER_WAY = ['asked', 'approved', 'ordered', 'sent'] as const satisfies readonly RequestState[];

/** Currencies that prices can be in, ISO 4217. */
export const CURRENCIES = [
	'EUR',
	'GBP',
	'USD',
	'CHF',
	'SEK',
	'NOK',
	'DKK',
	'PLN',
	'CZK',
	'CAD',
	'AUD'
] as const;

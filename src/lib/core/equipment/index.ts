import { findingRule, PURCHASE_FIXES, type FindingId, type PurchaseFix } from '../checklist';

/** Things that can be asked for: what closes a gap of the heights, and what a finding beside them wants. */
export const REQUESTABLE_ITEMS = PURCHASE_FIXES;

/** One of {@link REQUESTABLE_ITEMS}. */
export type RequestableItem = PurchaseFix;

/** The findings of some that a thing is for. */
export const findingsHelpedBy = (thing: RequestableItem, findings: readonly FindingId[]): FindingId[] =>
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
export const REQUEST_TRANSITIONS: Readonly<Record<RequestState, readonly RequestState[]>> = {
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

/** States in which someone still waits for the thing. */
export const PENDING_REQUEST_STATES = [
	'asked',
	'approved',
	'ordered',
	'sent'
] as const satisfies readonly RequestState[];

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

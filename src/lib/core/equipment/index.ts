import { findingRule, PURCHASE_FIXES, type FindingId, type PurchaseFix } from '../checklist';

/** Items that can be requested: what closes a gap in a height, and what other findings call for. */
export const REQUESTABLE_ITEMS = PURCHASE_FIXES;

/** One of {@link REQUESTABLE_ITEMS}. */
export type RequestableItem = PurchaseFix;

/** Those of some findings that an item helps with. */
export const findingsHelpedBy = (thing: RequestableItem, findings: readonly FindingId[]): FindingId[] =>
	findings.filter((finding) => findingRule(finding).shop.includes(thing));

/** States of an equipment request, in order. */
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

/** Whether a request needs a detail to reach a state: the reason, or the supplier. */
export const needsDetail = (to: RequestState): to is 'declined' | 'ordered' =>
	to === 'declined' || to === 'ordered';

/** The allowed state changes. Items in stock are sent without an order; loans come back, and can be requested again. */
export const REQUEST_TRANSITIONS: Readonly<Record<RequestState, readonly RequestState[]>> = {
	asked: ['approved', 'declined'],
	approved: ['ordered', 'sent', 'declined'],
	ordered: ['sent', 'arrived'],
	sent: ['arrived'],
	arrived: ['returned'],
	returned: ['asked'],
	declined: ['asked']
};

/** Whether an item can come from stock: once approved, and before one is ordered. */
export const canBeLent = (state: RequestState) => state === 'approved';

/** States in which the person is still waiting for the item. */
export const PENDING_REQUEST_STATES = [
	'asked',
	'approved',
	'ordered',
	'sent'
] as const satisfies readonly RequestState[];

/** Accepted currencies, ISO 4217. */
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
export { leftCents, type YearBudget } from './year-budget';

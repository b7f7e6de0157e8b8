import { findingRule, type FindingId } from '../../questionnaire/checklist/findings';
import { PURCHASE_FIXES, type PurchaseFix } from '../../questionnaire/checklist/fixes';

/** Items that can be requested: what closes a gap in a height, and what other findings call for. */
export const REQUESTABLE_ITEMS = PURCHASE_FIXES;

/** One of {@link REQUESTABLE_ITEMS}. */
export type RequestableItem = PurchaseFix;

/** An item that an organisation has added to its catalogue. Its code stays as long as anything was requested by it. */
type OwnItem = `item-${number}`;

/** An eye test is asked for, approved and recorded as equipment is; it is neither bought nor lent. */
export const EYE_TEST = 'eye-test';

/** An item of the catalogue, or an eye test. */
export type EquipmentItem = RequestableItem | OwnItem | typeof EYE_TEST;

/** How the code of an added item is written. */
const OWN_ITEM_PATTERN = 'item-[1-9][0-9]{0,3}';

const CATALOGUE_ITEMS = `${REQUESTABLE_ITEMS.join('|')}|${OWN_ITEM_PATTERN}`;

/** How the code of an item of the catalogue is written. */
export const CATALOGUE_ITEM_PATTERN = `^(?:${CATALOGUE_ITEMS})$`;

/** How the code of a request is written. */
export const EQUIPMENT_ITEM_PATTERN = `^(?:${CATALOGUE_ITEMS}|${EYE_TEST})$`;

const ITEM = new RegExp(EQUIPMENT_ITEM_PATTERN);

/** Whether a text is the code of an item. */
export const isEquipmentItem = (text: string): text is EquipmentItem => ITEM.test(text);

/** Whether the software comes with an item. */
export const isShippedItem = (code: string): code is RequestableItem =>
	REQUESTABLE_ITEMS.some((one) => one === code);

/**
 * Those of some findings that an item helps with.
 * @param own what added items help with, by their code
 */
export const findingsHelpedBy = (
	thing: EquipmentItem,
	findings: readonly FindingId[],
	own: Readonly<Partial<Record<string, readonly FindingId[]>>> = {}
): FindingId[] =>
	findings.filter((finding) =>
		isShippedItem(thing) ? findingRule(finding).shop.includes(thing) : own[thing]?.includes(finding)
	);

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

/** The allowed state changes of equipment. Items in stock are sent without an order; loans come back, and can be requested again. */
const REQUEST_TRANSITIONS: Readonly<Record<RequestState, readonly RequestState[]>> = {
	asked: ['approved', 'declined'],
	approved: ['ordered', 'sent', 'declined'],
	ordered: ['sent', 'arrived'],
	sent: ['arrived'],
	arrived: ['returned'],
	returned: ['asked'],
	declined: ['asked']
};

/** The states that a request can move to: an eye test is had, neither ordered nor sent. */
export const requestMoves = (item: EquipmentItem, from: RequestState): readonly RequestState[] => {
	if (item !== EYE_TEST) return REQUEST_TRANSITIONS[from];
	if (from === 'approved') return ['arrived', 'declined'];
	return from === 'arrived' ? ['asked'] : REQUEST_TRANSITIONS[from];
};

/** Problems that an eye test is asked for, besides on its own. */
export const EYE_TEST_FINDINGS = [
	'eyes-untested',
	'text-too-small',
	'head-tips-back'
] as const satisfies readonly FindingId[];

/** Whether an item can come from stock: once approved, and before one is ordered. */
export const canBeLent = (item: EquipmentItem, state: RequestState) =>
	item !== EYE_TEST && state === 'approved';

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

/** One of {@link CURRENCIES}. */
export type Currency = (typeof CURRENCIES)[number];

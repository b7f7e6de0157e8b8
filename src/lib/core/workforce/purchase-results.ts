import { PURCHASES, type PurchaseId } from '../plan/purchases';
import { figureTable, type CodeRule, type PublishedShare, type Tally } from './figures';

/** Equipment of one person that has arrived, and their heights before and now. */
export interface ArrivedEquipment {
	readonly purchases: readonly PurchaseId[];
	/** Whether a height was known to be a problem before the first item arrived, and is now. */
	readonly hadProblem: boolean;
	readonly hasProblem: boolean;
	/** What was paid, whole cents, and the currency; null where an item has no amount. Items from stock cost nothing. */
	readonly paid: { readonly cents: number; readonly currency: string } | null;
}

/** What purchases achieved: of people with a height problem before, those without one now. */
export interface PurchaseResults {
	readonly all: PublishedShare;
	/** Number of people for whom equipment has arrived. */
	readonly people: number;
	readonly purchases: readonly { readonly purchase: PurchaseId; readonly figure: PublishedShare }[];
	/**
	 * What was paid for people with a problem before, by currency, whole cents; null where an amount is missing. Divided by the number of
	 * problems that are gone, it is the cost of one.
	 */
	readonly paid: readonly { readonly cents: number; readonly currency: string }[] | null;
}

const HAD = 'had';
const SOLVED = 'solved';
const had = (purchase: PurchaseId) => `${HAD} ${purchase}`;
const solved = (purchase: PurchaseId) => `${SOLVED} ${purchase}`;

const RULES: readonly CodeRule[] = [
	{ code: HAD, among: '', isPart: true },
	{ code: SOLVED, among: HAD, mayBeAll: true },
	...PURCHASES.flatMap((purchase) => [
		{ code: had(purchase), among: HAD, isPart: true },
		{ code: solved(purchase), among: had(purchase), mayBeAll: true }
	])
];

function tallyOf(arrived: readonly ArrivedEquipment[]): Tally {
	const counts: Record<string, number[]> = {};
	for (const { purchases, hadProblem, hasProblem } of arrived) {
		if (!hadProblem) continue;
		const codes = [HAD, ...purchases.map(had), ...(hasProblem ? [] : [SOLVED, ...purchases.map(solved)])];
		for (const code of codes) counts[code] = [(counts[code]?.[0] ?? 0) + 1];
	}
	return { groups: [''], people: [arrived.length], counts };
}

/** What was paid in each currency, the largest sum first. */
function sumsOf(paid: readonly NonNullable<ArrivedEquipment['paid']>[]) {
	const sums = new Map<string, number>();
	for (const { cents, currency } of paid)
		if (cents > 0) sums.set(currency, (sums.get(currency) ?? 0) + cents);
	return [...sums]
		.map(([currency, cents]) => ({ cents, currency }))
		.sort((a, b) => b.cents - a.cents || (a.currency < b.currency ? -1 : 1));
}

/** What purchases achieved, where enough people have received something to publish it; null where too few. Cost: the number of people. */
export function purchaseResults(arrived: readonly ArrivedEquipment[]): PurchaseResults | null {
	const { people, figures } = figureTable(tallyOf(arrived), RULES);
	const shareOf = (code: string) => figures.find((one) => one.code === code)?.all ?? null;
	const all = shareOf(SOLVED);
	if (people.all === null || all === null) return null;
	const before = arrived.filter(({ hadProblem }) => hadProblem);
	const paid = before.flatMap((one) => one.paid ?? []);
	return {
		all,
		people: people.all,
		purchases: PURCHASES.flatMap((purchase) => {
			const figure = shareOf(solved(purchase));
			return figure ? [{ purchase, figure }] : [];
		}),
		paid: paid.length < before.length ? null : sumsOf(paid)
	};
}

import { CHECK_IDS, type CheckId } from '../../workstation/checks/check-values';
import { costOfDistance } from '../objective';
import { recommendedPlan } from '../plan-options';
import { CHECK_WEIGHTS } from '../weights';
import type { OpenGap } from '../open-gaps';
import type { PurchaseId } from '../purchases';
import type { AdviceSummary, OutcomeSummary, PurchaseSummary } from './advise-corner';

/** One item of version 1 advice: what would close a check, bought or stacked from more of what is there. */
interface OldPurchase {
	readonly purchases: readonly PurchaseId[];
	readonly firmMm: number | null;
	readonly closes: readonly CheckId[];
	readonly open: readonly OpenGap[];
}

/** Advice as stored in version 1 of the format. */
interface OldAdvice extends Omit<
	AdviceSummary,
	'format' | 'purchases' | 'more' | 'laptop' | 'first' | 'isBoundByThigh'
> {
	readonly format: 'easy-corner.plan/1';
	readonly purchases: readonly OldPurchase[];
	readonly compromise: unknown;
}

/** Advice as stored in the database. */
export type StoredAdvice = AdviceSummary | OldAdvice;

/** A purchase as stored in the database. */
export type StoredPurchase = PurchaseSummary | OldPurchase;

const weighed = (gaps: readonly OpenGap[]): number =>
	gaps.reduce((sum, { id, mm }) => sum + CHECK_WEIGHTS[id] * costOfDistance(mm), 0);

/** What a version 1 purchase changed, in today's form. */
function outcomeOf({ closes, open }: OldPurchase, without: readonly OpenGap[]): OutcomeSummary {
	const mm = (gaps: readonly OpenGap[], id: CheckId) => gaps.find((gap) => gap.id === id)?.mm ?? 0;
	const changes = CHECK_IDS.map((id) => ({ id, from: mm(without, id), to: mm(open, id) })).filter(
		({ from, to }) => from > 0 || to > 0
	);
	return { changes, closes, open, savesW: Math.max(0, weighed(without) - weighed(open)) };
}

const isOld = (purchase: StoredPurchase): purchase is OldPurchase => 'firmMm' in purchase;

/**
 * Stored purchases of any version.
 * @param without gaps that stayed open without them; only version 1 needs it
 */
export function readPurchases(
	stored: readonly StoredPurchase[],
	without: readonly OpenGap[] = []
): PurchaseSummary[] {
	return stored.flatMap((one) => {
		if (!isOld(one)) return [one];
		return one.firmMm === null ? [{ ...outcomeOf(one, without), purchases: one.purchases }] : [];
	});
}

/**
 * Reads advice of any version without loss: version 1 keeps its plans and numbers and is shown in today's wording. A person keeps their
 * plan until they ask for a new one.
 */
export function readAdvice(stored: StoredAdvice): AdviceSummary {
	if (stored.format === 'easy-corner.advise/2') return stored;
	const { compromise: _told, purchases, ...rest } = stored;
	const without = recommendedPlan(rest.ladder, rest.plans)?.open ?? [];
	const firm = purchases.find(({ firmMm }) => firmMm !== null);
	return {
		...rest,
		format: 'easy-corner.advise/2',
		isBoundByThigh: false,
		laptop: null,
		first: [],
		more: firm ? { ...outcomeOf(firm, without), mm: firm.firmMm ?? 0 } : null,
		purchases: readPurchases(purchases, without)
	};
}

import { CAUSES, likelyCauses, type CauseId } from './checklist/causes';
import { findingRule } from './checklist/findings';
import { isSafetyItem, type ChecklistItem } from './checklist/item';
import type { OwnParts } from './checklist/own-parts';
import { conditionHolds } from '../plan/conditions/fact-condition';
import type { Facts } from '../plan/conditions/facts';
import type { Region } from '../cases/discomfort/regions';
import type { RegionReport } from '../cases/discomfort/report';
import { NO_INFORMATION, type InformationValue } from './information-value';

/** Discomfort as far as it decides what is asked. */
export interface Complaints {
	/** Worst score by region, as a share of ten. */
	readonly soreness: ReadonlyMap<Region, number>;
	/** Questions that tell likely causes apart. */
	readonly asked: ReadonlySet<string>;
}

/** What discomfort reports make worth asking. */
export function complaintsOf(reports: readonly RegionReport[], hand: Facts['hand']): Complaints {
	const soreness = new Map<Region, number>();
	for (const { region, worst } of reports)
		soreness.set(region, Math.max(soreness.get(region) ?? 0, worst / 10));
	const causes = likelyCauses(reports, hand).map(({ cause }) => cause);
	return {
		soreness,
		asked: new Set(causes.flatMap((cause: CauseId): readonly string[] => CAUSES[cause].asks))
	};
}

/** How sore the worst of some regions is. */
export function worstScoreOfRegions({ soreness }: Complaints, regions: readonly Region[]): number {
	return Math.max(0, ...regions.map((region) => soreness.get(region) ?? 0));
}

/**
 * What is worth asking everyone: it is off in many homes, changes what comes first, or decides what else is asked. Common practice for what
 * is often off; the ranking is ours.
 */
const FOR_EVERYBODY: Readonly<Record<string, number>> = {
	'work-surface': 0.12,
	place: 0.4,
	'whole-foot': 0.12,
	footplates: 0.2,
	'laptop-hours': 0.12,
	screens: 0.3,
	ahead: 0.2,
	'main-screen': 0.25,
	'get-up': 0.3,
	'weight-shift': 0.3,
	'second-spot': 0.12,
	'standing-time': 0.3,
	'soft-seat-hours': 0.3,
	'window-clock': 0.1
};

/** A complaint of this score makes whatever is tied to it worth asking. */
const CAUSE_BONUS = 0.3;

/**
 * The value of the answer to a checklist question: safety is always asked, and what the organisation asks everyone; the rest by how sore the regions are that its findings affect,
 * and by whether it reveals a likely cause.
 * @param own what the organisation has added to the checklist
 */
export function checkInformationValue(
	item: ChecklistItem,
	facts: Facts,
	complaints: Complaints,
	own?: OwnParts
): InformationValue {
	if (isSafetyItem(item) || item.isForAll) return { changes: ['order'], worth: 1 };
	const regions = item.answers.flatMap(({ finding }): readonly Region[] => {
		const rule = finding && findingRule(finding, own);
		return rule && conditionHolds(rule.holds, facts) ? rule.regions : [];
	});
	const sore = worstScoreOfRegions(complaints, regions);
	const ofCause = complaints.asked.has(item.id) ? CAUSE_BONUS : 0;
	const worth = Math.max(FOR_EVERYBODY[item.id] ?? 0, sore * 0.5 + ofCause);
	return worth > 0 ? { changes: ['order'], worth: Math.min(1, worth) } : NO_INFORMATION;
}

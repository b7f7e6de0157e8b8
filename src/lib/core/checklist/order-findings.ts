import type { Corner } from '../corner';
import type { Region, RegionReport } from '../discomfort';
import { askedItems, factsOf, type Checklist, type ChecklistAnswers } from './checklist';
import { FINDING_IDS, findingRule, type FindingId } from './findings';
import { measuredFindings, type MeasuredFinding } from './measured-findings';
import { WALK_STATIONS, type WalkStation } from './stations';

/** A finding in its place, with why it stands there. */
export interface OrderedFinding {
	readonly finding: FindingId;
	readonly station: WalkStation;
	/** Questions whose answer says so; empty where only the numbers do. */
	readonly seenIn: readonly string[];
	/** What the numbers say; null where only an answer does. */
	readonly measured: MeasuredFinding | null;
	/** Reported regions that it is tied to, the sorest first. */
	readonly tiedTo: readonly Region[];
	/** Whether that has brought it to the front of its station: the reason is told. */
	readonly isMovedUp: boolean;
}

/** What answers to a checklist find, by question. */
export function seenFindings(
	checklist: Checklist,
	corner: Pick<Corner, 'spot' | 'person'>,
	answers: ChecklistAnswers
): { readonly item: string; readonly finding: FindingId }[] {
	return askedItems(checklist, factsOf(corner), answers).flatMap((item) => {
		const finding = item.answers.find(({ id }) => id === answers[item.id])?.finding;
		return finding ? [{ item: item.id, finding }] : [];
	});
}

/** Worst score by region; regions without discomfort are left out. */
function sorest(reports: readonly RegionReport[]): Map<Region, number> {
	const worst = new Map<Region, number>();
	for (const { region, worst: score } of reports)
		if (score > 0) worst.set(region, Math.max(score, worst.get(region) ?? 0));
	return worst;
}

/**
 * Everything that is found at a corner, by answers and by numbers, each once, in the order in which it is put right: the
 * lowest wrong thing first, station by station from the floor up; within a station what is tied to a reported region
 * comes first, the sorest first, with the reason told. A complaint never lifts a finding over a lower station, since
 * changing a lower one spoils every one above. Common practice.
 */
export function orderFindings(
	checklist: Checklist,
	corner: Corner,
	answers: ChecklistAnswers,
	reports: readonly RegionReport[]
): OrderedFinding[] {
	const worst = sorest(reports);
	const scoreOf = (region: Region) => worst.get(region) ?? 0;
	const seen = seenFindings(checklist, corner, answers);
	const measured = measuredFindings(corner);
	const found = FINDING_IDS.flatMap((finding): OrderedFinding[] => {
		const seenIn = seen.filter((s) => s.finding === finding).map(({ item }) => item);
		const told = measured.find((m) => m.finding === finding) ?? null;
		if (seenIn.length === 0 && !told) return [];
		const { station, regions } = findingRule(finding);
		const tiedTo = regions.filter((r) => worst.has(r)).sort((a, b) => scoreOf(b) - scoreOf(a));
		return [{ finding, station, seenIn, measured: told, tiedTo, isMovedUp: false }];
	});
	return WALK_STATIONS.flatMap((station) => {
		const here = found.filter((f) => f.station === station);
		const soreness = ({ tiedTo }: OrderedFinding) => (tiedTo[0] ? scoreOf(tiedTo[0]) : 0);
		const ordered = [...here].sort((a, b) => soreness(b) - soreness(a));
		return ordered.map((f, i) => ({ ...f, isMovedUp: here.indexOf(f) > i && f.tiedTo.length > 0 }));
	});
}

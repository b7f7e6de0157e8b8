import { factsOf, conditionHolds, type FactSource } from '../conditions';
import { pointingHandOf, type Corner } from '../corner';
import type { Region, RegionReport } from '../discomfort';
import { causeOfFinding, likelyCauses, type LikelyCause } from './causes';
import { askedItems, type Checklist, type ChecklistAnswers } from './checklist';
import { FINDING_IDS, findingRule, type FindingId } from './findings';
import { measuredFindings, type MeasuredFinding } from './measured-findings';
import { CHECKLIST_STATIONS, type ChecklistStation } from './stations';

/** A finding in its place, with why it stands there. */
export interface OrderedFinding {
	readonly finding: FindingId;
	readonly station: ChecklistStation;
	/** Questions whose answer says so; empty where only the numbers do. */
	readonly seenIn: readonly string[];
	/** What the numbers say; null where only an answer does. */
	readonly measured: MeasuredFinding | null;
	/** Reported regions that it is tied to, the sorest first. */
	readonly tiedTo: readonly Region[];
	/** The likely cause of a complaint that it belongs to: it comes first of all, and the reason is shown; null for none. */
	readonly cause: LikelyCause | null;
	/** Whether a complaint has brought it to the front of its station: the reason is shown. */
	readonly isMovedUp: boolean;
}

/** What answers to a checklist find, by question, as far as it is a fault for this person. */
export function findingsFromAnswers(
	checklist: Checklist,
	corner: FactSource,
	answers: ChecklistAnswers
): { readonly item: string; readonly finding: FindingId }[] {
	const facts = factsOf(corner);
	return askedItems(checklist, facts, answers).flatMap((item) => {
		const finding = item.answers.find(({ id }) => id === answers[item.id])?.finding;
		return finding && conditionHolds(findingRule(finding).holds, facts) ? [{ item: item.id, finding }] : [];
	});
}

/** Worst score by region; regions without discomfort are left out. */
function sorest(reports: readonly RegionReport[]): Map<Region, number> {
	const worst = new Map<Region, number>();
	for (const { region, worst: score } of reports)
		if (score > 0) worst.set(region, Math.max(score, worst.get(region) ?? 0));
	return worst;
}

/** Findings of one station: what is tied to a reported region first, the sorest first. */
function orderedHere(here: readonly OrderedFinding[], scoreOf: (region: Region) => number): OrderedFinding[] {
	const soreness = ({ tiedTo }: OrderedFinding) => (tiedTo[0] ? scoreOf(tiedTo[0]) : 0);
	return [...here]
		.sort((a, b) => soreness(b) - soreness(a))
		.map((f, i) => ({ ...f, isMovedUp: here.indexOf(f) > i && f.tiedTo.length > 0 }));
}

/**
 * Everything that is found at a corner, by answers and by numbers, each once, in the order in which it is put right. What belongs to a
 * likely cause of a complaint, by its side and kind, comes first, the sorest first; then the lowest wrong thing, station by station from
 * the floor up, and within a station what is tied to a reported region. The reason is said of both. Common practice.
 *
 * @param measured what the numbers find; of the corner as it was measured if left out
 */
export function orderFindings(
	checklist: Checklist,
	corner: Corner,
	answers: ChecklistAnswers,
	reports: readonly RegionReport[],
	measured: readonly MeasuredFinding[] = measuredFindings(corner)
): OrderedFinding[] {
	const worst = sorest(reports);
	const scoreOf = (region: Region) => worst.get(region) ?? 0;
	const causes = likelyCauses(reports, pointingHandOf(corner.person));
	const seen = findingsFromAnswers(checklist, corner, answers);
	const found = FINDING_IDS.flatMap((finding): OrderedFinding[] => {
		const seenIn = seen.filter((s) => s.finding === finding).map(({ item }) => item);
		const told = measured.find((m) => m.finding === finding) ?? null;
		if (seenIn.length === 0 && !told) return [];
		const { station, regions } = findingRule(finding);
		const tiedTo = regions.filter((r) => worst.has(r)).sort((a, b) => scoreOf(b) - scoreOf(a));
		const cause = causeOfFinding(finding, causes);
		return [{ finding, station, seenIn, measured: told, tiedTo, cause, isMovedUp: false }];
	});
	const first = causes.flatMap((cause) => found.filter((f) => f.cause?.cause === cause.cause));
	const others = CHECKLIST_STATIONS.flatMap((station) =>
		orderedHere(
			found.filter((f) => f.cause === null && f.station === station),
			scoreOf
		)
	);
	return [...first, ...others];
}

import { factsOf, type FactSource, type Facts } from '../../plan/conditions/facts';
import { conditionHolds } from '../../plan/conditions/fact-condition';
import { pointingHandOf } from '../../workstation/corner/pointing-hand';
import type { Corner } from '../../workstation/corner/corner';
import type { Region } from '../../cases/discomfort/regions';
import type { RegionReport } from '../../cases/discomfort/report';
import { causeOfFinding, likelyCauses, type LikelyCause } from './causes';
import { askedItems, type Checklist, type ChecklistAnswers } from './checklist';
import { FINDING_IDS, findingRule, type FindingId } from './findings';
import { measuredFindings, type MeasuredFinding } from './measured-findings';
import { isOwnId } from './own-ids';
import { CHECKLIST_STATIONS, type ChecklistStation } from './stations';

/** A finding in its place in the order, with the reason for it. */
export interface OrderedFinding {
	readonly finding: FindingId;
	readonly station: ChecklistStation;
	/** Questions whose answers show it; empty where only measurements do. */
	readonly seenIn: readonly string[];
	/** The finding from measurements; null where only an answer shows it. */
	readonly measured: MeasuredFinding | null;
	/** Reported regions that it is tied to, the worst first. */
	readonly tiedTo: readonly Region[];
	/** The likely cause of a complaint that it belongs to, which puts it first and is shown as the reason; null for none. */
	readonly cause: LikelyCause | null;
	/** Whether a complaint moved it to the front of its station, which is shown as the reason. */
	readonly isMovedUp: boolean;
}

/** Findings from checklist answers, by question, as far as they are faults for this person. */
export function findingsFromAnswers(
	checklist: Checklist,
	corner: FactSource,
	answers: ChecklistAnswers
): { readonly item: string; readonly finding: FindingId }[] {
	return findingsForFacts(checklist, factsOf(corner), answers);
}

/** The same from facts alone. */
export function findingsForFacts(
	checklist: Checklist,
	facts: Facts,
	answers: ChecklistAnswers
): { readonly item: string; readonly finding: FindingId }[] {
	return askedItems(checklist, facts, answers).flatMap((item) => {
		const finding = item.answers.find(({ id }) => id === answers[item.id])?.finding;
		return finding && conditionHolds(findingRule(finding, checklist.own).holds, facts)
			? [{ item: item.id, finding }]
			: [];
	});
}

/** Worst score by region; without regions that have no discomfort. */
function sorest(reports: readonly RegionReport[]): Map<Region, number> {
	const worst = new Map<Region, number>();
	for (const { region, worst: score } of reports)
		if (score > 0) worst.set(region, Math.max(score, worst.get(region) ?? 0));
	return worst;
}

/** Findings of one station: those tied to a reported region first, the worst first. */
function orderedHere(here: readonly OrderedFinding[], scoreOf: (region: Region) => number): OrderedFinding[] {
	const soreness = ({ tiedTo }: OrderedFinding) => (tiedTo[0] ? scoreOf(tiedTo[0]) : 0);
	return [...here]
		.sort((a, b) => soreness(b) - soreness(a))
		.map((f, i) => ({ ...f, isMovedUp: here.indexOf(f) > i && f.tiedTo.length > 0 }));
}

/**
 * Every finding at a workstation, from answers and measurements, each once, in the order of repair. First what belongs to a likely cause of
 * a complaint, by side and kind, for the worst complaint first; then the lowest problem, station by station from the floor up, and within a
 * station what is tied to a reported region. The reason is given for both. Common practice.
 * @param measured findings from measurements; of the workstation as measured if left out
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
	const ids: readonly FindingId[] = [
		...FINDING_IDS,
		...Object.keys(checklist.own?.findings ?? {}).filter((id) => isOwnId(id))
	];
	const found = ids.flatMap((finding): OrderedFinding[] => {
		const seenIn = seen.filter((s) => s.finding === finding).map(({ item }) => item);
		const told = measured.find((m) => m.finding === finding) ?? null;
		if (seenIn.length === 0 && !told) return [];
		const { station, regions } = findingRule(finding, checklist.own);
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

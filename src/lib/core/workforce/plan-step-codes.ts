import { PLAN_ITEMS, type PlanItem } from '../cases/case-assessment/vocabulary';
import { HOUSEHOLD_KINDS, type HouseholdKind } from '../workstation/corner/vocabulary';
import type { Corner } from '../workstation/corner/corner';
import { STATIONS } from '../workstation/household/stations';
import { setUpAfter, type Plan } from '../plan/plan-corner';
import {
	REMEASURED_FIELDS,
	remeasuredHeightsOf,
	type MeasuredHeights,
	type RemeasuredField
} from '../workstation/side-view/remeasured-heights';
import { builtFrom } from './built-from';
import type { CodeRule } from './figures';
import { PAD_RULES } from './pad-shares';

/** Days after a step is carried out at which check-ins show whether it is still in place. */
export const KEPT_AFTER_DAYS = [14, 42] as const;

/** One of {@link KEPT_AFTER_DAYS}. */
export type KeptAfterDays = (typeof KEPT_AFTER_DAYS)[number];

/** Days after the answers from which a step that isn't carried out counts as such. */
export const STEP_COUNTED_AFTER_DAYS = 14;

/** A plan of a person, with what is known of its steps. */
export interface RecordedSteps {
	readonly madeAt: Date;
	readonly steps: readonly {
		readonly place: PlanItem;
		/** Kinds of household items that it is built from. */
		readonly kinds: readonly HouseholdKind[];
	}[];
	/** Oldest first; those that an earlier plan passed on included. */
	readonly events: readonly { readonly thing: PlanItem; readonly isDone: boolean; readonly at: Date }[];
}

/** The steps that an answered check-in reports as undone. */
export interface UndoneReport {
	readonly at: Date;
	readonly undone: readonly string[];
}

/** The code of people who have a step in the plan for their newest answers. */
export const stepCode = (place: PlanItem) => `step ${place}`;

/** The code of those of them who have carried it out. */
export const stepDoneCode = (place: PlanItem) => `done ${place}`;

/** The code of people who were asked about something so many days after it was carried out, or later. */
export const askedCode = (days: KeptAfterDays, what: string) => `asked ${days} ${what}`;

/** The code of those of them for whom it was still in place. */
export const keptCode = (days: KeptAfterDays, what: string) => `kept ${days} ${what}`;

/** The code of people who measured a height again once the plan was built. */
export const measuredCode = (field: RemeasuredField) => `measured ${field}`;

/** The code of those of them for whom it is within {@link CLOSE_MM} of the planned one. */
export const closeCode = (field: RemeasuredField) => `close ${field}`;

/** How far a height that was measured again may be from the planned one to count as built to the plan, mm. Our working assumption. */
export const CLOSE_MM = 10;

/** Heights measured again, from the floor up. */
export const BUILT_HEIGHTS = Object.keys(REMEASURED_FIELDS) as readonly RemeasuredField[];

/** What every step and every kind of item at a station is looked at for. */
const KEPT_OF: readonly string[] = [
	...PLAN_ITEMS,
	...STATIONS.flatMap((station) => HOUSEHOLD_KINDS.map((kind) => builtFrom(station, kind)))
];

/** Steps of plans: carried out, and still in place later; the same by what they are built from. */
export const STEP_RULES: readonly CodeRule[] = [
	...PLAN_ITEMS.flatMap((place) => [
		{ code: stepCode(place), among: '', isPart: true },
		{ code: stepDoneCode(place), among: stepCode(place), mayBeAll: true }
	]),
	...KEPT_AFTER_DAYS.flatMap((days) =>
		KEPT_OF.flatMap((what) => [
			{ code: askedCode(days, what), among: '', isPart: true },
			{ code: keptCode(days, what), among: askedCode(days, what), mayBeAll: true }
		])
	),
	...BUILT_HEIGHTS.flatMap((field) => [
		{ code: measuredCode(field), among: '', isPart: true },
		{ code: closeCode(field), among: measuredCode(field), mayBeAll: true }
	]),
	...PAD_RULES
];

const DAY_MS = 86_400_000;

const isBefore = (a: { readonly at: Date }, b: { readonly at: Date }) => a.at.getTime() < b.at.getTime();

/**
 * Whether a step of one plan was still in place after some days, by the first check-in from then on; null where none was answered while the
 * plan was in use.
 * @param until when the next plan took its place; null while it is in use
 */
function keptAfter(
	{ events }: RecordedSteps,
	place: PlanItem,
	days: number,
	{ checkIns, until }: { checkIns: readonly UndoneReport[]; until: Date | null }
): boolean | null {
	const mine = events.filter(({ thing }) => thing === place);
	const done = mine.find(({ isDone }) => isDone);
	if (!done) return null;
	const from = done.at.getTime() + days * DAY_MS;
	const asked = checkIns.find(({ at }) => at.getTime() >= from && (until === null || at < until));
	if (!asked) return null;
	const wasReported = checkIns.some(
		(one) => isBefore(done, one) && !isBefore(asked, one) && one.undone.includes(place)
	);
	const wasTakenBack = mine.some((one) => !one.isDone && isBefore(done, one) && !isBefore(asked, one));
	return !wasReported && !wasTakenBack;
}

/**
 * What statistics count of a person's plan steps, as codes of {@link STEP_RULES}: those of the newest answers' plan, with those carried out;
 * and for each step and what it is built from, whether it was kept, by the newest plan of which a check-in tells.
 * @param plans oldest first
 * @param checkIns answered ones, oldest first
 */
export function planStepCodes(plans: readonly RecordedSteps[], checkIns: readonly UndoneReport[]): string[] {
	const newest = plans.at(-1);
	const codes = (newest?.steps ?? []).flatMap(({ place }) => [
		stepCode(place),
		...(newest?.events.some(({ thing, isDone }) => thing === place && isDone) ? [stepDoneCode(place)] : [])
	]);
	const seen = new Set<string>();
	for (const [i, plan] of [...plans.entries()].reverse()) {
		const until = plans[i + 1]?.madeAt ?? null;
		for (const days of KEPT_AFTER_DAYS)
			for (const { place, kinds } of plan.steps) {
				const isKept = keptAfter(plan, place, days, { checkIns, until });
				if (isKept === null) continue;
				for (const what of [place, ...new Set(kinds.map((kind) => builtFrom(place, kind)))]) {
					if (seen.has(askedCode(days, what))) continue;
					seen.add(askedCode(days, what));
					codes.push(askedCode(days, what), ...(isKept ? [keptCode(days, what)] : []));
				}
			}
	}
	return codes.sort();
}

/**
 * What statistics count of a measurement after a plan was built: each height that was measured, and whether it is about as planned. The
 * difference shows what measuring and building together cost.
 */
export function builtHeightCodes(corner: Corner, plan: Plan, again: MeasuredHeights): string[] {
	const planned = remeasuredHeightsOf(corner, setUpAfter(corner, plan));
	return BUILT_HEIGHTS.flatMap((field) => {
		const [to, now] = [planned[field], again[field] ?? null];
		if (to === null || now === null) return [];
		return [measuredCode(field), ...(Math.abs(now - to) <= CLOSE_MM ? [closeCode(field)] : [])];
	});
}

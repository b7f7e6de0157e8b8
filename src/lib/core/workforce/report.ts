import type { CheckId } from '../workstation/checks/check-values';
import type { Region } from '../cases/discomfort/regions';
import type { PurchaseId } from '../plan/purchases';
import type { AdjustedDifference } from './statistics/adjusted-difference';
import type { Association } from './associations';
import type { CoarseCurve } from './coarse-curve';
import type { PublishedShare } from './figures';
import type { OverviewPoint } from './overview';
import type { DecisionOutcome } from './decision-outcome';
import type { PairedFigure } from './paired-figure';
import type { PublishedChange } from './published-change';
import type { ThreeParts } from './three-parts';

/** What happened in the reporting period, by number of people; null where too few to publish. */
export const REPORTED_ACTIVITIES = [
	'asked',
	'answered',
	'dealtWith',
	'carriedOut',
	'arrived',
	'referred'
] as const;

/** Lengths of a report's period, months. */
export const REPORT_MONTHS = [1, 3, 6, 12] as const;

/** Where nothing may be published of what happened. */
export const NO_ACTIVITIES: Readonly<Record<(typeof REPORTED_ACTIVITIES)[number], null>> = {
	asked: null,
	answered: null,
	dealtWith: null,
	carriedOut: null,
	arrived: null,
	referred: null
};

/** A figure of one thing. */
export interface CodeFigure {
	readonly code: string;
	readonly figure: PublishedShare;
}

/** A figure of one team. */
export interface TeamFigure {
	readonly team: string;
	readonly figure: PublishedShare | null;
}

/** Outcomes of the plans of people who reported again: carried out (with household items alone or with a purchase), or not. */
export const PLAN_COURSES = ['household', 'bought', 'not-done'] as const;

/** One of {@link PLAN_COURSES}. */
export type PlanCourse = (typeof PLAN_COURSES)[number];

/** How the worst score changed for people with one outcome of their plan; `done` combines household items alone and purchases. */
export interface CourseFigure {
	readonly course: PlanCourse | 'done';
	readonly n: number;
	readonly change: PublishedChange;
}

/** How far a check was and is off, as strips of means, with the change among the same people, mm. */
export interface GapFigure {
	readonly check: CheckId;
	readonly n: number;
	readonly first: readonly number[];
	readonly now: readonly number[];
	readonly change: PublishedChange;
}

/** What would have to be bought: for how many people, and the price of one, whole cents; null where no price is known. */
export interface ReportedPurchase {
	readonly purchase: PurchaseId;
	readonly people: number;
	readonly cents: number | null;
	readonly currency: string | null;
}

/** The figures by which reports are compared. */
export interface KeyFigures {
	readonly answered: PublishedShare | null;
	readonly hurts: PublishedShare | null;
	readonly found: PublishedShare | null;
	/** Any height problem; missing in version 1. */
	readonly problem?: PublishedShare | null;
	readonly open: PublishedShare | null;
}

/** Everything in a report for management, as data; the wording is on the page. Computed once and kept. */
export interface WorkforceReport {
	/** In version 1 changes are Hodges-Lehmann estimates, and what is optional here is missing. */
	readonly format: 'easy-corner.report/1' | 'easy-corner.report/2';
	readonly from: string;
	readonly to: string;
	/** Number of people who had answered by the last day; null where too few. */
	readonly people: number | null;
	readonly done: Readonly<Record<(typeof REPORTED_ACTIVITIES)[number], number | null>>;
	readonly key: KeyFigures;
	/** Heights in three parts. */
	readonly heights?: ThreeParts | null;
	readonly regions: readonly CodeFigure[];
	readonly paired: {
		readonly all: PairedFigure | null;
		readonly regions: readonly (PairedFigure & { readonly region: Region })[];
	};
	readonly findings: readonly CodeFigure[];
	readonly gaps: readonly GapFigure[];
	readonly associations: readonly Association[];
	readonly courses: readonly CourseFigure[];
	/** How much more the score fell with the plan carried out than without. */
	readonly difference?: AdjustedDifference | null;
	readonly times: { readonly act: CoarseCurve | null; readonly fix: CoarseCurve | null };
	readonly purchases: readonly ReportedPurchase[];
	readonly teams: { readonly answered: readonly TeamFigure[]; readonly hurts: readonly TeamFigure[] };
	/** Teams in which fewer people answer than chance explains. */
	readonly quietTeams?: readonly string[];
	/** Of everyone: those with a problem that remains whom equipment would help. */
	readonly helped?: PublishedShare | null;
	/** The five numbers of the overview at each month end of a year, oldest first, with the currency of amounts. */
	readonly trend?: { readonly points: readonly OverviewPoint[]; readonly currency: string | null };
	/** Who made it, by name. */
	readonly author?: string;
	/** What was decided on the previous report, and what came of it. */
	readonly last?: { readonly to: string; readonly outcomes: readonly DecisionOutcome[] } | null;
	/** The previous report, if there is one. */
	readonly before: { readonly to: string; readonly key: KeyFigures } | null;
}

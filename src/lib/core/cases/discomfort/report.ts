import { hasSides, REGIONS, type BodySide, type Region } from './regions';
import type { Issue } from '../../platform/issue';

/** Kinds of discomfort. */
export const DISCOMFORT_KINDS = [
	'ache',
	'pain',
	'stiffness',
	'tingling-or-numbness',
	'weakness',
	'tired-or-dry-eyes'
] as const;

/** One kind of discomfort. */
export type DiscomfortKind = (typeof DISCOMFORT_KINDS)[number];

/** How much discomfort interferes with work. */
export const WORK_INTERFERENCE = ['no', 'a-little', 'much'] as const;

/** Parts of a region that point to particular causes. Common practice. */
const REGION_PARTS = {
	elbow: ['outer-side'],
	'wrist-hand': ['thumb']
} as const satisfies Partial<Record<Region, readonly string[]>>;

/** A part of a region. */
export type RegionPart = (typeof REGION_PARTS)[keyof typeof REGION_PARTS][number];

/** Every such part. */
export const REGION_PART_IDS: readonly RegionPart[] = Object.values(REGION_PARTS).flat();

/** The parts of a region that are asked about. */
export function regionPartsOf(region: Region): readonly RegionPart[] {
	const parts: Partial<Record<Region, readonly RegionPart[]>> = REGION_PARTS;
	return parts[region] ?? [];
}

/** The report on one region, for the last seven days. */
export interface RegionReport {
	readonly region: Region;
	readonly side: BodySide;
	/** Worst intensity of the last seven days, 0 to 10. */
	readonly worst: number;
	/** On how many of the seven days, 0 to 7. */
	readonly days: number;
	readonly hinders: (typeof WORK_INTERFERENCE)[number];
	readonly kinds: readonly DiscomfortKind[];
	/** Parts of it that hurt; left out where none was named. */
	readonly parts?: readonly RegionPart[];
}

/** Highest value of {@link RegionReport.worst}. */
export const MAX_SCORE = 10;

/** Number of days that the report covers. */
export const RECALL_DAYS = 7;

/** Weekly burden, `worst x days / 7`, 0 to 10: the overall discomfort of the week. Our working assumption. */
export function weeklyBurden({ worst, days }: Pick<RegionReport, 'worst' | 'days'>): number {
	return (worst * days) / RECALL_DAYS;
}

const isWhole = (n: number, most: number) => Number.isInteger(n) && n >= 0 && n <= most;

function faultsOf(report: RegionReport): [code: string, part: string, text: string][] {
	const { region, side, worst, days, kinds, parts = [] } = report;
	const faults: [string, string, string][] = [];
	if (!REGIONS.includes(region)) faults.push(['unknown-region', 'region', 'is no region of the body']);
	if (hasSides(region) !== (side !== null))
		faults.push(['side', 'side', hasSides(region) ? 'needs a side' : 'has no sides']);
	if (!isWhole(worst, MAX_SCORE))
		faults.push(['range', 'worst', `must be a whole number from 0 to ${MAX_SCORE}`]);
	if (!isWhole(days, RECALL_DAYS))
		faults.push(['range', 'days', `must be a whole number from 0 to ${RECALL_DAYS}`]);
	if (isWhole(worst, MAX_SCORE) && isWhole(days, RECALL_DAYS) && (worst === 0) !== (days === 0))
		faults.push(['contradiction', 'days', 'and the worst must both be 0 or neither']);
	if (parts.some((part) => !regionPartsOf(region).includes(part)))
		faults.push(['unknown-part', 'parts', 'name a place that is not in this region']);
	if (new Set(kinds).size !== kinds.length) faults.push(['double', 'kinds', 'name a kind twice']);
	return faults;
}

/** What is wrong with a report, as data; empty where nothing is. Each region and side may be reported once. */
export function regionReportIssues(reports: readonly RegionReport[]): Issue[] {
	const issues = reports.flatMap((report, i) =>
		faultsOf(report).map(([code, part, text]) => ({ code, at: `/${i}/${part}`, text: `${part} ${text}` }))
	);
	reports.forEach(({ region, side }, i) => {
		const earlier = reports.slice(0, i).some((r) => r.region === region && r.side === side);
		if (earlier) issues.push({ code: 'double', at: `/${i}/region`, text: 'region is told twice' });
	});
	return issues;
}

import {
	DISCOMFORT_KINDS,
	WORK_INTERFERENCE,
	regionPartsOf,
	REGION_PART_IDS,
	type DiscomfortKind,
	type RegionPart,
	type RegionReport
} from '../../cases/discomfort/report';
import { hasSides, REGIONS, type Region } from '../../cases/discomfort/regions';
import type { Answers } from './fields';
import type { FieldIssue } from './read-length-field';

/** A place on the body where discomfort is reported: a region, with its side where it has two. */
export interface BodyPlace {
	readonly region: Region;
	readonly side: 'left' | 'right' | null;
}

/** Every body place, from the head down, left before right. */
export const BODY_PLACES: readonly BodyPlace[] = REGIONS.flatMap((region): BodyPlace[] =>
	hasSides(region)
		? [
				{ region, side: 'left' },
				{ region, side: 'right' }
			]
		: [{ region, side: null }]
);

/** What is asked about one body place. */
export type PainPart = 'worst' | 'days' | 'hinders' | `kind.${DiscomfortKind}` | `part.${RegionPart}`;

/** The parts asked about one body place. */
export const PAIN_PARTS: readonly PainPart[] = [
	'worst',
	'days',
	'hinders',
	...DISCOMFORT_KINDS.map((kind) => `kind.${kind}` as const),
	...REGION_PART_IDS.map((part) => `part.${part}` as const)
];

/** Name of a body place: `neck`, `shoulder-left`. */
export function bodyPlaceName({ region, side }: BodyPlace): string {
	return side === null ? region : `${region}-${side}`;
}

/** Name of the field for one part of a body place: `pain.neck.worst`. */
export function painField(place: BodyPlace, part: PainPart): string {
	return `pain.${bodyPlaceName(place)}.${part}`;
}

/** Values that each part accepts. */
export function painOptions(part: PainPart): readonly string[] {
	if (part === 'worst') return Array.from({ length: 11 }, (_, i) => String(i));
	if (part === 'days') return Array.from({ length: 8 }, (_, i) => String(i));
	return part === 'hinders' ? WORK_INTERFERENCE : ['yes', 'no'];
}

/** The discomfort reported, and what is still unanswered. */
export interface DiscomfortFromAnswers {
	readonly reports: readonly RegionReport[];
	readonly issues: readonly FieldIssue[];
}

/**
 * Reads discomfort from answers. A place counts once its worst is above 0; the number of days is then required, because later comparisons
 * need both.
 */
export function discomfortFromAnswers(answers: Answers): DiscomfortFromAnswers {
	const reports: RegionReport[] = [];
	const issues: FieldIssue[] = [];
	for (const place of BODY_PLACES) {
		const worst = Number(answers[painField(place, 'worst')] || 0);
		if (worst === 0) continue;
		const days = Number(answers[painField(place, 'days')] || 0);
		if (days === 0) issues.push({ field: painField(place, 'days'), code: 'missing' });
		const hinders = WORK_INTERFERENCE.find((h) => h === answers[painField(place, 'hinders')]) ?? 'no';
		const kinds = DISCOMFORT_KINDS.filter((kind) => answers[painField(place, `kind.${kind}`)] === 'yes');
		const parts = regionPartsOf(place.region).filter(
			(part) => answers[painField(place, `part.${part}`)] === 'yes'
		);
		reports.push({
			...place,
			worst,
			days: Math.max(1, days),
			hinders,
			kinds,
			...(parts.length > 0 ? { parts } : {})
		});
	}
	return { reports, issues };
}

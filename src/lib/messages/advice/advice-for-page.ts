import type { KeptAdvice } from '$lib/core/advice';
import { checklistAnswersOf, type Answers } from '$lib/core/answers';
import { checklistOf, findingRule, orderFindings, type FindingId } from '$lib/core/checklist';
import type { Corner } from '$lib/core/corner';
import type { Region, RegionReport } from '$lib/core/discomfort';
import { checklistTextsFor } from './checklist';

/** A finding beside the heights, in words. */
export interface FindingLine {
	readonly finding: FindingId;
	readonly station: string;
	readonly name: string;
	/** How far off, mm; null where no length says it. */
	readonly offMm: number | null;
	/** What to do about it at home. */
	readonly fixes: readonly string[];
	/** Said where the risk is. */
	readonly cautions: readonly string[];
	/** Reported regions that it goes with, and whether that has brought it forward in its station. */
	readonly tiedTo: readonly Region[];
	readonly isMovedUp: boolean;
}

/** What the plan itself is about: the heights, the low back that has a step of its own, the laptop as a compromise. */
const TOLD_BY_THE_PLAN: readonly FindingId[] = [
	'seat-too-high',
	'seat-too-low',
	'feet-hanging',
	'keys-too-high',
	'keys-too-low',
	'screen-too-low',
	'screen-too-high',
	'no-low-back-support',
	'laptop-alone'
];

/** Fixes told of one finding: the likeliest, so that a page stays short. */
const MOST_FIXES = 2;

/** What a person told besides lengths. */
export interface ToldBesides {
	readonly answers: Answers;
	readonly discomfort: readonly RegionReport[] | null;
	/** The checklist that was asked. */
	readonly checklistVersion: number;
}

function findingLines(
	corner: Corner,
	{ answers, discomfort, checklistVersion }: ToldBesides,
	locale: string
): FindingLine[] {
	const texts = checklistTextsFor(locale);
	const checklist = checklistOf(checklistVersion);
	if (!checklist) return [];
	const ordered = orderFindings(checklist, corner, checklistAnswersOf(answers), discomfort ?? []);
	return ordered
		.filter(({ finding, seenIn, measured }) => {
			const isTold = seenIn.length > 0 || (measured?.isSure ?? false);
			return isTold && !TOLD_BY_THE_PLAN.includes(finding);
		})
		.map(({ finding, station, measured, tiedTo, isMovedUp }) => {
			const { household, cautions } = findingRule(finding);
			return {
				finding,
				station: texts.stations[station],
				name: texts.findings[finding],
				offMm: measured?.offMm ?? null,
				fixes: household.slice(0, MOST_FIXES).map((fix) => texts.household[fix]),
				cautions: cautions.map((caution) => texts.cautions[caution]),
				tiedTo,
				isMovedUp
			};
		});
}

/** Advice as a page shows it, findings in words: what goes over the wire, and what a page without network makes. */
export function adviceForPage(corner: Corner, advice: KeptAdvice, told: ToldBesides, locale: string) {
	const { findings: _measured, ...rest } = advice;
	return { ...rest, findings: findingLines(corner, told, locale) };
}

/** What {@link adviceForPage} gives. */
export type PageAdvice = ReturnType<typeof adviceForPage>;

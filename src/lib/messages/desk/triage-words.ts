import { isHazard } from '$lib/core/questionnaire/checklist/hazards';
import { RED_FLAGS, type RedFlag } from '$lib/core/cases/discomfort/red-flags';
import type { RegionReport } from '$lib/core/cases/discomfort/report';
import type { AssessmentResult, TriageReason } from '$lib/core/cases/case-assessment/assessment-result';
import type { Closable } from '$lib/core/cases/case-assessment/vocabulary';
import { dayWords } from '../dates';
import { deskReader } from '../desk-language';
import { deskTexts as english } from './en/index';
import { deskCatalogue, deskWords } from './index';

/** A warning sign as a coordinator reads it. Until a translation is confirmed, the English words stand beside it. */
export function signWords(sign: RedFlag): string {
	const { triage } = deskWords;
	const words = triage.signs[sign];
	return deskReader().areSignsReviewed ? words : triage.unreviewedSign(words, english.triage.signs[sign]);
}

/** What an outcome can resolve. */
export function closableWords(of: Closable): string {
	const sign = RED_FLAGS.find((flag) => flag === of);
	return sign ? signWords(sign) : deskWords.triage.closables[of as Exclude<Closable, RedFlag>];
}

/** A region with its side, for use within a sentence. */
export function regionWithin({ region, side }: Pick<RegionReport, 'region' | 'side'>): string {
	const { regions, bothSides, sided } = deskWords.triage;
	const name = regions[region];
	if (side === null) return name;
	return side === 'both' ? bothSides(name) : sided(name, side);
}

/** One region with its score and on how many days of the week. */
export const regionScoreWords = (report: RegionReport): string =>
	deskWords.triage.score(regionWithin(report), report.worst, report.days);

/** A hazard within a sentence: a shipped one, or one that the organisation has added, by its name; null for any other finding. */
export function hazardWords(id: string): string | null {
	if (!isHazard(id)) return null;
	const { hazards, ownHazard } = deskWords.triage;
	const name = deskReader().ownNames[id];
	return (hazards as Readonly<Record<string, string>>)[id] ?? (name ? `“${name}”` : ownHazard);
}

/** What the words of a reason rest on. */
export type Grounds = Pick<AssessmentResult, 'evidence' | 'unclosable'>;

/** A text with a capital letter, for the beginning of a sentence. */
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Why a case has its level, as a sentence without a full stop. @param grounds the assessment result with the reason */
export function reasonWords(reason: TriageReason, grounds: Grounds): string {
	const { triage } = deskWords;
	const { lists } = deskCatalogue();
	const regions = grounds.evidence[reason.code] ?? [];
	const words = triage.reasons[reason.code]({
		sign: reason.sign ? signWords(reason.sign) : null,
		scores: lists.and(regions.map(regionScoreWords)),
		regions: lists.and(regions.map(regionWithin)),
		gaps: lists.and(grounds.unclosable.map(({ check, side }) => triage.gaps[`${check} ${side}`] ?? check)),
		hazard: reason.finding ? hazardWords(reason.finding) : null,
		isRefused: reason.refused === true,
		request: reason.what ? triage.requests[reason.what] : null
	});
	const { lifted } = reason;
	return capital(
		lifted && reason.code === 'emergency-sign'
			? triage.liftedOn(words, dayWords(lifted.on, 'short'), triage.lifted[lifted.how])
			: words
	);
}

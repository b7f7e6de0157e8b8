import type { AdjustedDifference } from '$lib/core/workforce/statistics/adjusted-difference';
import type { CoarseCurve, TimeSteps } from '$lib/core/workforce/coarse-curve';
import type { CourseFigure } from '$lib/core/workforce/report';
import type { PublishedChange } from '$lib/core/workforce/published-change';
import { deskWords } from './index';
import { decimalNumber, peopleWords, signedNumber } from './workforce-words';

function changeWords({ estimate, low, high }: PublishedChange): string {
	const texts = deskWords.effect.change;
	if (estimate === null || low === null || high === null) return texts.none;
	const [from, to] = [signedNumber(low), signedNumber(high)];
	if (low <= 0 && high >= 0) return texts.notSure(signedNumber(estimate), from, to);
	const by = decimalNumber(Math.abs(estimate), 1);
	return estimate < 0 ? texts.lower(by, from, to) : texts.higher(by, from, to);
}

/** Whether plans help, in words: what changed for people who carried them out, and for those who did not. */
export function helpSentence(courses: readonly CourseFigure[]): string {
	const texts = deskWords.effect;
	const done = courses.find(({ course }) => course === 'done');
	const left = courses.find(({ course }) => course === 'not-done');
	if (!done || !left) return texts.tooFew;
	return texts.compared(
		peopleWords(done.n),
		changeWords(done.change),
		peopleWords(left.n),
		changeWords(left.change)
	);
}

/** The difference between plans carried out and not, for people who began with the same score. */
export function differenceSentence({ difference, low, high }: AdjustedDifference): string {
	const texts = deskWords.workforce;
	const [from, to] = [signedNumber(low), signedNumber(high)];
	if (low <= 0 && high >= 0) return texts.adjustedUnclear(signedNumber(difference), from, to);
	const by = decimalNumber(Math.abs(difference), 1);
	return texts.adjusted({ by, low: from, high: to, isLower: difference < 0 });
}

/** By when a curve reached a step, in words. */
export function curveStepWords(n: number, { stepDays }: TimeSteps): string {
	const { withinDays, withinWeeks } = deskWords.effect;
	return stepDays === 1 ? withinDays(n) : withinWeeks(n);
}

/** How long things take, in words. */
export function timesSentence({
	act,
	fix
}: {
	readonly act: CoarseCurve | null;
	readonly fix: CoarseCurve | null;
}): string {
	const texts = deskWords.effect;
	const half = (curve: CoarseCurve | null, within: (time: string) => string, never: string) => {
		if (!curve) return '';
		return curve.median === null ? never : within(curveStepWords(curve.median, curve.pace));
	};
	const said = [
		half(act, texts.halfDealtWith, texts.fewerDealtWith),
		half(fix, texts.halfCarriedOut, texts.fewerCarriedOut)
	].filter((words) => words !== '');
	return said.join(' ') || texts.noTimes;
}

import type { Wilcoxon } from '$lib/core/statistics';
import type { CoarseCurve, CourseFigure, TimeSteps } from '$lib/core/workforce';
import { deskWords } from './index';
import { decimalNumber, peopleWords, signedNumber } from './workforce-words';

/** Probability below which a change is called more than chance. */
const SURE = 0.05;

function changeWords({ estimate, low, high, p }: Wilcoxon): string {
	const texts = deskWords.effect.change;
	if (estimate === null || low === null || high === null) return texts.none;
	const [from, to] = [signedNumber(low), signedNumber(high)];
	if (p >= SURE) return texts.notSure(signedNumber(estimate), from, to);
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

/** The time of a number of curve steps, in words. */
export function curveStepWords(n: number, { stepDays }: TimeSteps): string {
	const { days, weeks } = deskWords.effect;
	return stepDays === 1 ? days(n) : weeks(n);
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

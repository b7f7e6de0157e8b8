import type { Wilcoxon } from '$lib/core/statistics';
import type { CoarseCurve, CourseFigure, TimeSteps } from '$lib/core/workforce';
import { signedNumber, peopleWords } from './workforce-words';

/** The outcomes of a plan, in words. */
export const COURSE_WORDS = {
	done: 'Plan carried out',
	household: 'using only items they had at home',
	bought: 'using equipment that was sent to them',
	'not-done': 'Plan not carried out'
} as const;

/** Probability below which a change is called more than chance. */
const SURE = 0.05;

function changeWords({ estimate, low, high, p }: Wilcoxon): string {
	if (estimate === null || low === null || high === null) return 'no clear change';
	if (p >= SURE)
		return `no clear change (${signedNumber(estimate)} points, 95% interval ${signedNumber(low)} to ${signedNumber(high)})`;
	const by = Math.abs(estimate).toFixed(1);
	return `about ${by} points ${estimate < 0 ? 'lower' : 'higher'} (95% interval ${signedNumber(low)} to ${signedNumber(high)})`;
}

/** Whether plans help, in words: what changed for people who carried them out, and for those who did not. */
export function helpSentence(courses: readonly CourseFigure[]): string {
	const done = courses.find(({ course }) => course === 'done');
	const left = courses.find(({ course }) => course === 'not-done');
	if (!done || !left)
		return 'Too few people have reported again after their plan. No result can be shown yet.';
	return `Change in the worst discomfort score, 0 to 10. ${peopleWords(done.n)} who carried out their plan: ${changeWords(done.change)}. ${peopleWords(left.n)} who did not: ${changeWords(left.change)}.`;
}

/** The time of a number of curve steps, in words. */
export function curveStepWords(n: number, { stepDays }: TimeSteps): string {
	if (stepDays === 1) return n === 1 ? 'a day' : `${n} days`;
	return n === 1 ? 'a week' : `${n} weeks`;
}

/** How long things take, in words. */
export function timesSentence({
	act,
	fix
}: {
	readonly act: CoarseCurve | null;
	readonly fix: CoarseCurve | null;
}): string {
	const half = (curve: CoarseCurve | null, what: string, never: string) => {
		if (!curve) return '';
		return curve.median === null
			? never
			: `Half of all ${what} within ${curveStepWords(curve.median, curve.pace)}.`;
	};
	const said = [
		half(
			act,
			'answers were dealt with',
			'Fewer than half of all answers were dealt with within three months.'
		),
		half(fix, 'plans were carried out', 'Fewer than half of all plans were carried out within a year.')
	].filter((words) => words !== '');
	return said.join(' ') || 'Too few people to show a result.';
}

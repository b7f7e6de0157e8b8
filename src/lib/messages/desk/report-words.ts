import type {
	REPORTED_ACTIVITIES,
	PublishedShare,
	ReportedPurchase,
	WorkforceReport
} from '$lib/core/workforce';
import { DEFAULT_LOCALE } from '$lib/messages';
import { COURSE_WORDS, helpSentence, timesSentence } from './help-words';
import {
	between,
	signedNumber,
	codeWords,
	money,
	reportMonthWords,
	peopleWords,
	percent
} from './workforce-words';

const either = new Intl.ListFormat(DEFAULT_LOCALE, { type: 'disjunction' });

const DONE_WORDS: Readonly<Record<(typeof REPORTED_ACTIVITIES)[number], string>> = {
	asked: 'were sent a self-assessment',
	answered: 'answered',
	dealtWith: 'had their answers dealt with',
	carriedOut: 'carried out their plan',
	arrived: 'received equipment',
	referred: 'were referred to a clinician'
};

/** What was done, one line each: how many people and what; acts with too few people to publish share the last line. */
export function doneLines({ done }: WorkforceReport): string[] {
	const all = Object.entries(DONE_WORDS).map(([what, words]) => ({
		words,
		n: done[what as (typeof REPORTED_ACTIVITIES)[number]]
	}));
	const few = all.filter(({ n }) => n === null).map(({ words }) => words);
	return [
		...all.flatMap(({ words, n }) => (n === null ? [] : [`${peopleWords(n)} ${words}.`])),
		...(few.length > 0 ? [`Fewer than five people ${either.format(few)}.`] : [])
	];
}

/** A figure in a sentence. */
function said(figure: PublishedShare | null, words: string): string[] {
	return figure ? [`${percent(figure.share)} ${words} (${between(figure)}; ${peopleWords(figure.n)}).`] : [];
}

/** Whether two intervals exclude no change; empty where one is missing. */
function compared(now: PublishedShare | null, before: PublishedShare | null, to: string): string[] {
	if (!now || !before) return [];
	const isApart = now.low > before.high || now.high < before.low;
	const than = `At the end of ${to} it was ${percent(before.share)} (${between(before)})`;
	return [isApart ? `${than}: a clear difference.` : `${than}: no clear difference.`];
}

/** The present state, in a few sentences. */
export function standLines({ key, before }: WorkforceReport): string[] {
	const month = before ? reportMonthWords(before.to) : '';
	const then = before?.key;
	return [
		[
			...said(key.answered, 'of people answered their latest self-assessment'),
			...compared(key.answered, then?.answered ?? null, month)
		],
		[...said(key.hurts, 'report discomfort'), ...compared(key.hurts, then?.hurts ?? null, month)],
		[
			...said(key.found, 'have a problem at their workstation'),
			...compared(key.found, then?.found ?? null, month)
		],
		[
			...said(key.open, 'have a problem that nothing at home can fix'),
			...compared(key.open, then?.open ?? null, month)
		]
	].flatMap((lines) => (lines.length > 0 ? [lines.join(' ')] : []));
}

/** What changed, and how certain that is. */
export function changedLines({ courses, paired: { all }, times }: WorkforceReport): string[] {
	const paired = all
		? [
				`${peopleWords(all.n)} reported more than once. ${percent(all.first)} of them had discomfort at first and ${percent(all.now)} have it now: ${signedNumber(100 * all.difference)} percentage points (${signedNumber(100 * all.low)} to ${signedNumber(100 * all.high)}).`
			]
		: [];
	const bought = courses.some(({ course }) => course === 'bought')
		? [
				`${COURSE_WORDS.done}: ${courses
					.filter(({ course }) => course === 'household' || course === 'bought')
					.map(({ course, n }) => `${n} ${COURSE_WORDS[course]}`)
					.join(', ')}.`
			]
		: [];
	return [...paired, helpSentence(courses), ...bought, timesSentence(times)];
}

/** The total cost; null where no price is known. */
export function costOf(purchases: readonly ReportedPurchase[]): { cents: number; currency: string } | null {
	const priced = purchases.flatMap(({ people, cents, currency }) =>
		cents !== null && currency !== null ? [{ cents: cents * people, currency }] : []
	);
	const [first] = priced;
	return first
		? { cents: priced.reduce((sum, { cents }) => sum + cents, 0), currency: first.currency }
		: null;
}

/** What management is asked to decide: what follows from the figures, and no more. */
export function decisionLines(report: WorkforceReport): string[] {
	const { purchases, teams, findings, key, associations } = report;
	const cost = costOf(purchases);
	const things = purchases.map(({ purchase, people }) => `${codeWords(purchase)} for ${peopleWords(people)}`);
	const everybody = key.answered;
	const silent = everybody
		? teams.answered.filter(({ figure }) => figure !== null && figure.high < everybody.share)
		: [];
	const most = findings[0];
	const [pair] = associations.filter(({ p, ratio }) => p < 0.05 && ratio > 1);
	return [
		...(things.length > 0
			? [
					`Should we buy equipment? ${things.join('; ')}.${cost ? ` Together it costs ${money(cost.cents, cost.currency)}.` : ''}`
				]
			: []),
		...(silent.length > 0
			? [
					`Who will speak to ${silent.map(({ team }) => team || 'people without a team').join(', ')}? Fewer people answer there than elsewhere.`
				]
			: []),
		...(most
			? [
					`Can people use working time to carry out their plans? The most common problem is “${codeWords(most.code)}”, at ${percent(most.figure.share)} of workstations.`
				]
			: []),
		...(pair
			? [
					`Should “${codeWords(pair.finding)}” come first? People with this problem report discomfort (${codeWords(pair.region)}) ${pair.ratio.toFixed(1)} times as often. This shows a link, not a cause.`
				]
			: [])
	];
}

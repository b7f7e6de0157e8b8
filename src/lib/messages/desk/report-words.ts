import { dayWords } from '../dates';
import { differenceOfShares } from '$lib/core/statistics';
import type { REPORTED_ACTIVITIES, ReportedPurchase, WorkforceReport } from '$lib/core/workforce';
import { differenceSentence, helpSentence, timesSentence } from './help-words';
import { deskCatalogue, deskWords } from './index';
import {
	between,
	signedNumber,
	codeWords,
	decimalNumber,
	money,
	peopleWords,
	percent
} from './workforce-words';

/** What was done, one line each: how many people and what; acts with too few people to publish share the last line. */
export function doneLines({ done }: WorkforceReport): string[] {
	const texts = deskWords.report;
	const kinds = Object.keys(texts.done) as (typeof REPORTED_ACTIVITIES)[number][];
	const few = kinds.filter((kind) => done[kind] === null).map((kind) => texts.doneByFew[kind]);
	if (few.length === kinds.length) return [texts.nothingDone];
	return [
		...kinds.flatMap((kind) => {
			const n = done[kind];
			return n === null ? [] : [texts.done[kind](peopleWords(n))];
		}),
		...(few.length > 0 ? [texts.fewDone(deskCatalogue().lists.or(few))] : [])
	];
}

type ShareKind = keyof typeof deskWords.report.shares;

/** The present state, in a few sentences: each figure, and whether it differs clearly from the one before. */
export function standLines({ key, before, heights }: WorkforceReport): string[] {
	const texts = deskWords.report;
	const { unknown, fits } = heights ?? {};
	const parts = fits && unknown ? [texts.heights(percent(fits.share), percent(unknown.share))] : [];
	const lines = (Object.keys(texts.shares) as ShareKind[]).flatMap((kind) => {
		const now = key[kind];
		if (!now) return [];
		const sentence = texts.shares[kind](percent(now.share), between(now), peopleWords(now.n));
		const then = before?.key[kind];
		if (!before || !then) return [sentence];
		// Many people are in both: as if there were none in common, the interval is rather too wide.
		const { difference, low, high } = differenceOfShares(now.x, now.n, then.x, then.n);
		const compared = texts.before({
			month: dayWords(before.to, 'long-month'),
			share: percent(then.share),
			by: signedNumber(100 * difference),
			low: signedNumber(100 * low),
			high: signedNumber(100 * high),
			isClear: low > 0 || high < 0
		});
		return [`${sentence} ${compared}`];
	});
	return [...lines, ...parts];
}

/** What changed, and how certain that is. */
export function changedLines({ courses, difference, paired: { all }, times }: WorkforceReport): string[] {
	const texts = deskWords.report;
	const { courses: names } = deskWords.effect;
	const paired = all
		? [
				texts.paired({
					people: peopleWords(all.n),
					first: percent(all.first),
					now: percent(all.now),
					by: signedNumber(100 * all.difference),
					low: signedNumber(100 * all.low),
					high: signedNumber(100 * all.high)
				})
			]
		: [];
	const means = courses.filter(({ course }) => course === 'household' || course === 'bought');
	const bought = means.some(({ course }) => course === 'bought')
		? [texts.coursesOf(names.done, means.map(({ course, n }) => `${n} ${names[course]}`).join(', '))]
		: [];
	return [
		...paired,
		helpSentence(courses),
		...(difference ? [differenceSentence(difference)] : []),
		...bought,
		timesSentence(times)
	];
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
	const texts = deskWords.report;
	const { purchases, teams, findings, key, associations } = report;
	const cost = costOf(purchases);
	const things = purchases.map(({ purchase, people }) =>
		texts.thingFor(codeWords(purchase), peopleWords(people))
	);
	const everyone = key.answered;
	// A report of version 1 keeps the teams that it named then.
	const quiet =
		report.quietTeams ??
		teams.answered
			.filter(({ figure }) => everyone !== null && figure !== null && figure.high < everyone.share)
			.map(({ team }) => team);
	const most = findings[0];
	const [pair] = associations.filter(({ p, ratio }) => p < 0.05 && ratio > 1);
	return [
		...(things.length > 0 ? [texts.buy(things, cost && money(cost.cents, cost.currency))] : []),
		...(quiet.length > 0 ? [texts.silentTeams(quiet.map((team) => team || texts.withoutTeam))] : []),
		...(most ? [texts.workingTime(codeWords(most.code), percent(most.figure.share))] : []),
		...(pair
			? [texts.firstProblem(codeWords(pair.finding), codeWords(pair.region), decimalNumber(pair.ratio, 1))]
			: [])
	];
}

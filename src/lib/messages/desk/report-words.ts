import { dayWords } from '../dates';
import { differenceOfShares } from '$lib/core/workforce/statistics/difference';
import { decisionsOf, type Decision } from '$lib/core/workforce/report-decisions';
import type { DecisionOutcome } from '$lib/core/workforce/decision-outcome';
import type { REPORTED_ACTIVITIES, WorkforceReport } from '$lib/core/workforce/report';
import { differenceSentence, helpSentence, timesSentence } from './help-words';
import { deskCatalogue, deskWords } from './index';
import {
	between,
	signedNumber,
	codeWords,
	regionInSentence,
	decimalNumber,
	formattedNumber,
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

/** Who is helped by equipment, and the smallest alternative. */
function buyingWords({ purchases, cost, helped, cheapest }: Extract<Decision, { kind: 'buy' }>): string {
	const texts = deskWords.report;
	const things = purchases.map(({ purchase, people }) =>
		texts.thingFor(texts.things[purchase], peopleWords(people))
	);
	return [
		texts.buy(deskCatalogue().lists.and(things), cost && money(cost.cents, cost.currency)),
		...(helped ? [texts.buyHelps(formattedNumber(helped.x), peopleWords(helped.of))] : []),
		...(cheapest
			? [
					texts.buyLess(
						texts.thingFor(texts.things[cheapest.purchase], peopleWords(cheapest.people)),
						money(cheapest.cents * cheapest.people, cheapest.currency)
					)
				]
			: [])
	].join(' ');
}

/** A decision in words: what it is about, for how many people, and what else could be done. */
export function decisionWords(decision: Decision): string {
	const texts = deskWords.report;
	switch (decision.kind) {
		case 'buy':
			return buyingWords(decision);
		case 'teams':
			return texts.silentTeams(
				decision.teams.map(({ team, figure }) => {
					const name = team || texts.withoutTeam;
					return figure ? texts.teamWithShare(name, percent(figure.share)) : name;
				}),
				decision.all ? percent(decision.all.share) : null
			);
		case 'time':
			return texts.workingTime(codeWords(decision.finding), percent(decision.figure.share));
		case 'first':
			return texts.firstProblem(
				codeWords(decision.finding),
				regionInSentence(decision.region),
				decimalNumber(decision.ratio, 1)
			);
	}
}

/** What management is asked to decide: what follows from the figures, and no more. */
export const decisionLines = (report: WorkforceReport): string[] => decisionsOf(report).map(decisionWords);

/** What came of a decision on the previous report. */
export function outcomeWords({ kind, about, decided, then, now }: DecisionOutcome): string {
	const texts = deskWords.report;
	const subject = about === null ? '' : kind === 'teams' ? about || texts.withoutTeam : codeWords(about);
	const result = texts.results[decided.result];
	const figures =
		then && now ? texts.thenAndNow(percent(then.share), percent(now.share)) : texts.thenAndNowHidden;
	return [
		texts.outcomes[kind](subject),
		result,
		...(decided.note ? [`“${decided.note}”`] : []),
		figures
	].join(' ');
}

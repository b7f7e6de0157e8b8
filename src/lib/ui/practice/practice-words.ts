import { checkCorner } from '$lib/core/checks';
import type { CaseRecord } from '$lib/core/case-assessment';
import { inTimeOrder, newestAnswers } from '$lib/core/case-assessment/case-record';
import type { RegionReport } from '$lib/core/discomfort';
import { checklistTextsFor } from '$lib/messages/checklist';
import { dayWords } from '$lib/messages/dates';
import { deskCatalogue, deskWords } from '$lib/messages/desk';
import { closableWords, regionScoreWords, signWords } from '$lib/messages/desk/triage-words';

function reportsWords(reports: readonly RegionReport[]): string {
	const { lists, discomfort } = deskCatalogue();
	const texts = deskWords.practice;
	return lists.and(
		reports.map((report) =>
			texts.report(
				regionScoreWords(report),
				lists.plain(report.kinds.map((kind) => discomfort.kindOptions[kind])),
				texts.hinders[report.hinders]
			)
		)
	);
}

/** What is too high or too low at a workstation, in words. */
function heightsWords(corner: NonNullable<CaseRecord['answers'][number]['corner']>): string[] {
	const { gaps } = deskWords.triage;
	return checkCorner(corner)
		.filter(({ verdict }) => verdict === 'off')
		.flatMap(({ id, value, low }) => gaps[`${id} ${value < low ? 'low' : 'high'}`] ?? []);
}

/** Most check-ins shown, the newest. */
const MOST_CHECK_INS = 2;

const reportsOrNone = (reports: readonly RegionReport[]): string =>
	reports.length > 0 ? deskWords.practice.discomfort(reportsWords(reports)) : deskWords.practice.noDiscomfort;

/** Warning signs, whenever they were reported, and what closed them: none of them may be missed for being old. */
function signLines({ answers, checkIns, lifted, outcomes }: CaseRecord): string[] {
	const texts = deskWords.practice;
	const { lists } = deskCatalogue();
	const reported = inTimeOrder([...answers, ...checkIns]).filter(({ signs }) => signs.length > 0);
	return [
		...reported.map(({ on, signs }) =>
			texts.reported(dayWords(on, 'short'), lists.and(signs.map(signWords)))
		),
		...lifted.map(({ how }) => texts.said(deskWords.triage.lifted[how])),
		...outcomes
			.filter(({ of }) => of.length > 0)
			.map(({ on, of }) => texts.closed(dayWords(on, 'short'), lists.and(of.map(closableWords))))
	];
}

/** What was answered last, and what has been done about it since. */
function answerLines({ answers, plan, ticks }: CaseRecord): string[] {
	const answer = newestAnswers({ answers });
	if (!answer) return [];
	const texts = deskWords.practice;
	const t = deskCatalogue();
	const fixed = new Set(ticks.filter(({ how }) => how === 'done').map(({ finding }) => finding));
	const problems = (answer.findings ?? []).filter(({ id }) => !fixed.has(id));
	const heights = answer.corner ? heightsWords(answer.corner) : [];
	const done = plan?.things.filter((one) => one.done !== null && one.undone === null) ?? [];
	return [
		texts.answered(dayWords(answer.on, 'short')),
		reportsOrNone(answer.discomfort ?? []),
		...(heights.length > 0 ? [texts.heights(t.lists.and(heights))] : []),
		...(problems.length > 0
			? [
					texts.problems(
						t.lists.and(problems.map(({ id }) => checklistTextsFor(t.locale).findings[id as 'glare'] ?? id))
					)
				]
			: []),
		...(plan ? [texts.planDone(done.length, plan.things.length)] : []),
		...(answer.acknowledged ? [texts.seen] : [])
	];
}

/** What is known about a case, line by line, as a case page would say it: without its level and reasons. */
export function practiceLines(record: CaseRecord): string[] {
	const texts = deskWords.practice;
	const since = newestAnswers(record)?.seq ?? 0;
	const checkIns = inTimeOrder(record.checkIns)
		.filter(({ seq }) => seq > since)
		.slice(-MOST_CHECK_INS);
	return [
		...signLines(record),
		...answerLines(record),
		...checkIns.map(({ on, discomfort }) =>
			texts.checkIn(dayWords(on, 'short'), reportsOrNone(discomfort ?? []))
		),
		...record.waiting.map(({ what, since: on }) =>
			texts.waiting(deskWords.triage.requests[what], dayWords(on, 'short'))
		)
	].map((line) => `${line}.`);
}

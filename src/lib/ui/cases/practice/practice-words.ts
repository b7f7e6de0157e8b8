import { checkCorner } from '$lib/core/workstation/checks/check-corner';
import { type CaseRecord, inTimeOrder, newestAnswers } from '$lib/core/cases/case-assessment/case-record';
import { discomfortReportsOf } from '$lib/core/cases/case-assessment/discomfort-reports';
import type { RegionReport } from '$lib/core/cases/discomfort/report';
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
		...reported.map(({ on, signs }) => texts.reported(dayWords(on, 'long'), lists.and(signs.map(signWords)))),
		...lifted.map(({ how }) => texts.said(deskWords.triage.lifted[how])),
		...outcomes
			.filter(({ of }) => of.length > 0)
			.map(({ on, of }) => texts.closed(dayWords(on, 'long'), lists.and(of.map(closableWords))))
	];
}

/** Most reports of discomfort shown besides those of check-ins, the newest. */
const MOST_REPORTS = 2;

/** Discomfort as reported with answers: the newest report, and the one before, if any. A record has each as an entry of its own. */
function discomfortLines({ answers }: Pick<CaseRecord, 'answers'>): string[] {
	const reports = discomfortReportsOf({ answers, checkIns: [] });
	const newest = reports.at(-1)?.regions ?? [];
	const earlier = reports.slice(-MOST_REPORTS, -1);
	return [
		reportsOrNone(newest),
		...earlier.map(({ on, regions }) =>
			deskWords.practice.earlier(dayWords(on, 'long'), reportsOrNone(regions))
		)
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
		texts.answered(dayWords(answer.on, 'long')),
		...discomfortLines({ answers }),
		...(heights.length > 0 ? [texts.heights(t.lists.and(heights))] : []),
		...(problems.length > 0
			? [
					texts.problems(
						problems.map(({ id }) => checklistTextsFor(t.locale).findings[id as 'glare'] ?? id).join(' · ')
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
			texts.checkIn(dayWords(on, 'long'), reportsOrNone(discomfort ?? []))
		),
		...record.waiting.map(({ what, since: on }) =>
			texts.waiting(deskWords.triage.requests[what], dayWords(on, 'long'))
		)
	].map((line) => `${line}.`);
}

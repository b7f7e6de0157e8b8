import { checkCorner } from '$lib/core/checks';
import type { CaseRecord } from '$lib/core/case-assessment';
import type { RegionReport } from '$lib/core/discomfort';
import { checklistTextsFor } from '$lib/messages/checklist';
import { dayWords } from '$lib/messages/dates';
import { deskCatalogue, deskWords } from '$lib/messages/desk';
import { regionScoreWords, signWords } from '$lib/messages/desk/triage-words';

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

/** What is known about a made-up case, line by line, as a case page would say it: without its level and reasons. */
export function practiceLines({ answers, checkIns, lifted, waiting }: CaseRecord): string[] {
	const texts = deskWords.practice;
	const { triage } = deskWords;
	const t = deskCatalogue();
	const [answer] = answers;
	const lines: string[] = [];
	if (answer) {
		const findings = (answer.findings ?? []).map(
			({ id }) => checklistTextsFor(t.locale).findings[id as 'glare'] ?? id
		);
		const heights = answer.corner ? heightsWords(answer.corner) : [];
		const reports = answer.discomfort ?? [];
		lines.push(`${texts.answered(dayWords(answer.on, 'short'))}.`);
		if (answer.signs.length > 0) lines.push(`${texts.reported(t.lists.and(answer.signs.map(signWords)))}.`);
		lines.push(...lifted.map(({ how }) => `${texts.said(triage.lifted[how])}.`));
		lines.push(`${reports.length > 0 ? texts.discomfort(reportsWords(reports)) : texts.noDiscomfort}.`);
		if (heights.length > 0) lines.push(`${texts.heights(t.lists.and(heights))}.`);
		if (findings.length > 0) lines.push(`${texts.problems(t.lists.and(findings))}.`);
		if (answer.acknowledged) lines.push(texts.seen);
	}
	lines.push(
		...checkIns.map(
			({ on, discomfort }) => `${texts.checkIn(dayWords(on, 'short'), reportsWords(discomfort ?? []))}.`
		),
		...waiting.map(({ what, since }) => `${texts.waiting(triage.requests[what], dayWords(since, 'short'))}.`)
	);
	return lines;
}

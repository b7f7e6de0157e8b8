<script lang="ts">
	import { dayWords, momentWords } from '$lib/messages/dates';
	import type { ComponentProps } from 'svelte';
	import { decisionsOf } from '$lib/core/workforce/report-decisions';
	import type { RecordedDecisions } from '$lib/core/workforce/decision-outcome';
	import type { WorkforceReport } from '$lib/core/workforce/report';
	import LetterheadLines from '../platform/organisation/LetterheadLines.svelte';
	import ChangeFigure from './ChangeFigure.svelte';
	import CostTable from './CostTable.svelte';
	import GapFigures from './GapFigures.svelte';
	import CurveFigure from './CurveFigure.svelte';
	import MonthTable from './MonthTable.svelte';
	import PairedFigures from './PairedFigures.svelte';
	import ShareFigure from './ShareFigure.svelte';
	import TeamTable from './TeamTable.svelte';
	import {
		changedLines,
		decisionWords,
		doneLines,
		outcomeWords,
		standLines
	} from '$lib/messages/desk/report-words';
	import { codeWords, peopleWords } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	interface Props {
		report: WorkforceReport;
		madeAt: Date;
		/** IANA name. */
		timeZone: string;
		letterhead: ComponentProps<typeof LetterheadLines>['letterhead'];
		/** What a coordinator added. */
		remark: string;
		decided: RecordedDecisions;
	}

	let { report, madeAt, timeZone, letterhead, remark, decided }: Props = $props();

	const MOST_ROWS = 10;
	const rowsOf = (list: WorkforceReport['regions']) =>
		list.slice(0, MOST_ROWS).map(({ code, figure }) => ({ key: code, words: codeWords(code), figure }));
	const count = $derived(report.people === null ? '' : `${peopleWords(report.people)}.`);
	const stillOpen = $derived([
		{ title: texts.discomfortByRegion, of: texts.bodyRegion, list: report.regions },
		{ title: texts.mostCommonProblems, of: texts.problems, list: report.findings }
	]);
	const decisions = $derived(decisionsOf(report));
</script>

<!-- On paper the letterhead is on each page: a table's head is the one thing that browsers repeat. -->
<table class="sheet" role="presentation">
	<thead
		><tr
			><td
				><p class="running">
					{texts.reportHead(dayWords(report.from), dayWords(report.to))}
				</p></td
			></tr
		></thead
	>
	<tbody>
		<tr>
			<td>
				<div class="flex items-start justify-between gap-6">
					<h1>{texts.reportTitle(dayWords(report.from, 'long-month'), dayWords(report.to, 'long-month'))}</h1>
					<div class="max-w-1/2 shrink-0"><LetterheadLines {letterhead} /></div>
				</div>
				<p class="lead">
					{texts.reportMade({ madeAt: momentWords(madeAt, timeZone), to: dayWords(report.to), count })}
					{#if report.author}{texts.madeBy(report.author)}{/if}
				</p>

				<h2>{texts.decisions}</h2>
				{#if decisions.length > 0}
					<ol>
						{#each decisions as decision (decision.kind)}
							<li>
								{decisionWords(decision)}
								{#if decided[decision.kind]}
									<strong>{deskWords.report.results[decided[decision.kind]?.result ?? 'open']}</strong>
									{decided[decision.kind]?.note}
								{/if}
							</li>
						{/each}
					</ol>
				{:else}<p>{texts.noDecisions}</p>{/if}

				{#if remark !== ''}
					<h2>{texts.remark}</h2>
					<p class="remark">{remark}</p>
				{/if}

				{#if report.last && report.last.outcomes.length > 0}
					<h2>{texts.lastDecisions(dayWords(report.last.to))}</h2>
					<ul>
						{#each report.last.outcomes as outcome (`${outcome.kind} ${outcome.about}`)}
							<li>{outcomeWords(outcome)}</li>
						{/each}
					</ul>
				{/if}

				<h2>{texts.results}</h2>
				<ul>
					{#each standLines(report) as line (line)}<li>
							{line}
						</li>{/each}
				</ul>

				{#if report.trend && report.trend.points.length > 1}
					<h2>{texts.lastMonths}</h2>
					<MonthTable points={report.trend.points} currency={report.trend.currency} />
				{/if}

				<h2>{texts.teamFigures}</h2>
				<TeamTable teams={report.teams} />

				<h2>{texts.actionsTaken}</h2>
				<ul>
					{#each doneLines(report) as line (line)}<li>{line}</li>{/each}
				</ul>

				<h2>{texts.changes}</h2>
				<ul>
					{#each changedLines(report) as line (line)}<li>{line}</li>{/each}
				</ul>
				<p class="small">
					{texts.intervalNote}
				</p>
				<ChangeFigure courses={report.courses} isOld={report.format === 'easy-corner.report/1'} isForPaper />
				<PairedFigures all={report.paired.all} regions={report.paired.regions} isForPaper />
				{#if report.times.fix}
					<CurveFigure
						title={texts.timeToPlan}
						still={texts.notFinished}
						curves={[{ name: texts.everyone, curve: report.times.fix }]}
						isForPaper
					/>
				{/if}

				<h2>{texts.remainingProblems}</h2>
				{#each stillOpen as { title, of, list } (title)}
					{#if list.length > 0}
						<ShareFigure {title} {count} {of} rows={rowsOf(list)} isForPaper />
					{/if}
				{/each}

				<GapFigures gaps={report.gaps} isForPaper />

				<section class="whole">
					<h2>{texts.costOfFixing}</h2>
					<CostTable purchases={report.purchases} />
				</section>
			</td>
		</tr>
	</tbody>
</table>

<style>
	.sheet {
		width: 100%;
		max-width: 46rem;
		border-collapse: collapse;
	}
	.sheet > tbody > tr > td,
	.sheet > thead > tr > td {
		padding: 0;
	}
	.running {
		display: none;
		padding-bottom: 0.6rem;
		font-size: var(--text-mark);
		color: var(--ink-soft);
	}
	h1 {
		font-size: var(--text-title);
	}
	h2 {
		margin-top: 1.5rem;
		font-size: var(--text-head);
		break-after: avoid;
	}
	.lead {
		margin-top: 0.5rem;
		color: var(--ink-soft);
	}
	ul,
	ol {
		margin-top: 0.4rem;
		padding-inline-start: 1.2rem;
		list-style: disc;
	}
	ol {
		list-style: decimal;
	}
	/* A heading and its note never end a page without their table. */
	.whole {
		break-inside: avoid;
	}
	li {
		margin-top: 0.25rem;
		break-inside: avoid;
	}
	.remark {
		margin-top: 0.4rem;
		white-space: pre-line;
	}
	.small {
		margin-top: 0.5rem;
		font-size: var(--text-note);
		color: var(--ink-soft);
	}
	@media print {
		.running {
			display: block;
		}
		.sheet {
			max-width: none;
		}
	}
</style>

<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
	import type { Catalogue } from '$lib/messages/shapes';
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import { checklistVersionWords } from '$lib/messages/desk/checklist-version-words';
	import { formattedNumber } from '$lib/messages/desk/workforce-words';
	import LetterheadLines from '../../platform/organisation/LetterheadLines.svelte';
	import SignatureLines from './SignatureLines.svelte';

	const texts = deskWords.inspection;

	interface Props {
		record: {
			readonly round: {
				readonly name: string;
				readonly startsOn: string;
				readonly dueOn: string;
				readonly checklistVersion: number;
				readonly sittingStyle: SittingStyle;
				readonly questionnaireMode: string;
			};
			readonly invited: number;
			readonly answered: number;
			readonly people: readonly {
				readonly name: string;
				readonly team: string;
				readonly answeredOn: string | null;
				readonly checklistVersion: number | null;
				readonly openProblems: number | null;
				readonly steps: number;
				readonly stepsDone: number;
				readonly reviewOn: string | null;
			}[];
		};
		letterhead: ComponentProps<typeof LetterheadLines>['letterhead'];
		today: string;
		t: Catalogue;
	}

	let { record, letterhead, today, t }: Props = $props();

	const { round } = $derived(record);
</script>

<article>
	<LetterheadLines {letterhead} />
	<h1 class="mt-3 text-head">{texts.roundHeading}</h1>
	<p class="mt-1 font-semibold">
		{round.name}, {texts.roundFacts(dayWords(round.startsOn), dayWords(round.dueOn))}
	</p>
	<p>
		{texts.checklist}: {checklistVersionWords(round.checklistVersion)}. {texts.how}: {t.ways[
			round.sittingStyle
		].name.split(':')[0]}; {deskWords.effect.routes[round.questionnaireMode] ?? round.questionnaireMode}.
		{texts.invited(record.invited, record.answered, formattedNumber)}
	</p>
	<p class="text-note text-ink-soft">{texts.printedOn(dayWords(today))}. {texts.leftOut}</p>
	{#if record.invited > record.people.length}
		<p class="text-note">{texts.notListed(record.people.length, formattedNumber)}</p>
	{/if}
	<div class="overflow-x-auto">
		<table class="kit-paper-table mt-3">
			<thead>
				<tr>
					<th>{texts.name}</th>
					<th>{texts.team}</th>
					<th>{texts.when}</th>
					<th>{texts.checklist}</th>
					<th>{texts.openProblems}</th>
					<th>{texts.steps}</th>
					<th>{texts.review}</th>
				</tr>
			</thead>
			<tbody>
				{#each record.people as person, i (i)}
					<tr>
						<td>{person.name}</td>
						<td>{person.team}</td>
						<td>{person.answeredOn ? dayWords(person.answeredOn, 'medium') : texts.notAnswered}</td>
						<td>{person.checklistVersion === null ? '' : checklistVersionWords(person.checklistVersion)}</td>
						<td>{person.openProblems === null ? '' : person.openProblems || texts.none}</td>
						<td>{person.answeredOn ? texts.stepsOf(person.stepsDone, person.steps) : ''}</td>
						<td>{person.reviewOn ? dayWords(person.reviewOn, 'medium') : ''}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<SignatureLines words={[texts.signature]} />
</article>

<style>
	thead {
		display: table-header-group;
	}
	tr {
		break-inside: avoid;
	}
</style>

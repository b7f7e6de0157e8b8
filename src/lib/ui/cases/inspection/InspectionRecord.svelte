<script lang="ts">
	import { missingMeasures } from './missing-measures';
	import type { ComponentProps } from 'svelte';
	import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
	import type { AssessmentResult } from '$lib/core/cases/case-assessment/assessment-result';
	import type { FindingTick } from '$lib/core/cases/case-assessment/vocabulary';
	import type { EquipmentItem, RequestState } from '$lib/core/plan/equipment';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { StepPlace } from '$lib/core/plan/step-places';
	import type { Catalogue } from '$lib/messages/shapes';
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import { checklistVersionWords } from '$lib/messages/desk/checklist-version-words';
	import { findingWords, itemWords, requestStateWords } from '$lib/messages/desk/workforce-words';
	import { checkWords } from '../../workstation/gap-mark/check-words';
	import LetterheadLines from '../../platform/organisation/LetterheadLines.svelte';
	import SignatureLines from './SignatureLines.svelte';

	const texts = deskWords.inspection;
	const phone = deskWords.phoneWalk;

	interface Props {
		record: {
			readonly person: { readonly name: string; readonly team: string; readonly staffNumber: string };
			readonly assessments: readonly {
				readonly id: string;
				readonly answeredAt: Date | null;
				readonly checklistVersion: number;
				readonly sittingStyle: SittingStyle;
				readonly questionnaireMode: string;
				readonly measuredBy: string;
				/** Who asked on the phone, empty for a closed account; null where the person answered alone. */
				readonly byPhone: string | null;
			}[];
			/** Checks as answered, and as the workstation is now. */
			readonly first: AssessmentResult['first'];
			readonly standing: AssessmentResult['standing'];
			readonly problems: readonly { readonly id: string; readonly how: FindingTick | null }[];
			readonly steps: readonly {
				readonly place: StepPlace;
				readonly with: readonly string[];
				readonly doneAt: Date | null;
			}[];
			readonly equipment: readonly {
				readonly purchase: EquipmentItem;
				readonly state: RequestState;
				readonly changedAt: Date | null;
			}[];
			readonly acted: readonly {
				readonly name: string;
				readonly from: Date | null;
				readonly to: Date | null;
			}[];
			readonly reviewOn: string | null;
			readonly referredAt: Date | null;
		};
		letterhead: ComponentProps<typeof LetterheadLines>['letterhead'];
		today: string;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { record, letterhead, today, t, unit }: Props = $props();

	const wayOf = (way: SittingStyle) => t.ways[way].name.split(':')[0] ?? way;
	const methodOf = (by: string) => (t.options.by as Readonly<Record<string, string>>)[by] ?? '';
	const stepWords = ({ place, with: things, doneAt }: (typeof record.steps)[number]) => {
		const named = t.lists.things([...things]);
		return doneAt
			? texts.stepDone(t.steps.places[place], named, dayWords(doneAt))
			: texts.stepOpen(t.steps.places[place], named);
	};
</script>

<article class="record">
	<LetterheadLines {letterhead} />
	<h1 class="mt-3 text-head">{texts.heading}</h1>
	<p class="mt-1 font-semibold">
		{texts.person(record.person.name, record.person.staffNumber, record.person.team)}
	</p>
	<p class="text-note text-ink-soft">{texts.printedOn(dayWords(today))}. {texts.leftOut}</p>

	<h2>{texts.assessed}</h2>
	{#if record.assessments.length > 0}
		<table class="kit-paper-table">
			<thead><tr><th>{texts.when}</th><th>{texts.checklist}</th><th>{texts.how}</th></tr></thead>
			<tbody>
				{#each record.assessments as one (one.id)}
					<tr>
						<td>{one.answeredAt ? dayWords(one.answeredAt) : ''}</td>
						<td>{checklistVersionWords(one.checklistVersion)}</td>
						<td
							>{texts.byPerson(
								wayOf(one.sittingStyle),
								deskWords.effect.routes[one.questionnaireMode] ?? one.questionnaireMode,
								methodOf(one.measuredBy)
							)}{#if one.byPhone !== null}; {phone.asked(one.byPhone || phone.closed)}{/if}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	{:else}<p>{texts.noneYet}</p>{/if}

	<h2>{texts.actedOn}</h2>
	{#if record.acted.length > 0}
		<ul>
			{#each record.acted as { name, from, to }, i (i)}
				{#if from && to}<li>{texts.acted(name, dayWords(from), dayWords(to))}</li>{/if}
			{/each}
		</ul>
	{:else}<p>{texts.nobodyYet}</p>{/if}

	{#if record.assessments.length > 0}
		<h2>{texts.heights}</h2>
		<table class="kit-paper-table">
			<thead><tr><th>{texts.check}</th><th>{texts.asAnswered}</th><th>{texts.now}</th></tr></thead>
			<tbody>
				{#each record.standing as check (check.id)}
					{@const before = record.first.find(({ id }) => id === check.id)}
					<tr>
						<td>{t.checks.names[check.id]}</td>
						<td>{before ? checkWords(before, t, unit) : ''}</td>
						<td>{checkWords(check, t, unit)}</td>
					</tr>
				{/each}
			</tbody>
		</table>

		<h2>{texts.problems}</h2>
		{#if record.problems.length > 0}
			<ul>
				{#each record.problems as { id, how } (id)}
					<li>{findingWords(id)}: {texts.problemStates[how ?? 'open']}</li>
				{/each}
			</ul>
		{:else}<p>{texts.noProblems}</p>{/if}

		<h2>{texts.measures}</h2>
		{#if record.steps.length + record.equipment.length > 0}
			<ul>
				{#each record.steps as step (step.place)}<li>{stepWords(step)}</li>{/each}
				{#each record.equipment as { purchase, state, changedAt }, i (i)}
					<li>
						{texts.equipment(
							itemWords(purchase),
							requestStateWords(purchase, state),
							changedAt ? dayWords(changedAt) : ''
						)}
					</li>
				{/each}
			</ul>
		{:else}<p>{texts[missingMeasures(record)]}</p>{/if}
		{#if record.referredAt}<p>{texts.referred(dayWords(record.referredAt))}</p>{/if}
	{/if}

	<h2>{texts.review}</h2>
	<p>{record.reviewOn ? texts.reviewOn(dayWords(record.reviewOn)) : texts.noReview}</p>
	<SignatureLines words={[texts.signature, texts.employeeSignature]} />
</article>

<style>
	.record {
		max-width: 46rem;
	}
	h2 {
		margin-top: 0.9rem;
		font-size: var(--text-body);
	}
	ul {
		padding-inline-start: 1.1rem;
		list-style: disc;
	}
	@media print {
		.record {
			font-size: 10pt;
		}
	}
</style>

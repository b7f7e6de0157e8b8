<script lang="ts">
	import type { DeviceAtHome } from '$lib/core/questionnaire/answers/device-answers';
	import type { PhotoNumbers } from '$lib/core/questionnaire/answers/photo-answers';
	import { checklistFrom, type ChecklistDocument } from '$lib/core/questionnaire/checklist/own-checklist';
	import type { WorkingArms, Precaution } from '$lib/core/workstation/corner/vocabulary';
	import type { Corner } from '$lib/core/workstation/corner/corner';
	import type { Facts } from '$lib/core/plan/conditions/facts';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import { checklistTextsFor } from '$lib/messages/checklist';
	import { dayWords } from '$lib/messages/dates';
	import { checklistVersionWords } from '$lib/messages/desk/checklist-version-words';
	import { answerLines } from './answer-lines';
	import { stationAnswers } from './station-answers';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		corner: Corner;
		checklist: {
			readonly version: number;
			/** What the organisation has made of it; null where it is as the software comes. */
			readonly own: ChecklistDocument | null;
			readonly answers: Readonly<Partial<Record<string, string>>>;
			readonly facts: Facts;
			/** Precautions for exercises and advice. */
			readonly care: readonly Precaution[];
			readonly devices: readonly DeviceAtHome[];
			readonly photo: PhotoNumbers | null;
			readonly arms: WorkingArms;
			/** Who asked on the phone; null where the person answered alone. */
			readonly byPhone: { readonly name: string; readonly at: Date } | null;
		};
		/** The self-assessments, newest first. */
		history: readonly { readonly sentAt: Date; readonly state: keyof typeof deskWords.states.assessment }[];
		/** What was read out to a coordinator in walkthroughs. */
		readOut: readonly { readonly name: string; readonly answers: number; readonly at: Date }[];
		t: Catalogue;
		unit: LengthUnit;
	}

	let { corner, checklist, history, readOut, t, unit }: Props = $props();

	const asked = $derived(checklistFrom(checklist.version, checklist.own));
	const stations = $derived(
		stationAnswers(asked, checklist.answers, checklist.facts, checklistTextsFor(t.locale, asked.own))
	);
	const found = $derived(stations.flatMap(({ answered }) => answered.filter(({ finding }) => finding)));
</script>

{#if checklist.byPhone}
	{@const { name, at } = checklist.byPhone}
	<p class="mb-2 font-semibold">
		{deskWords.phoneWalk.answered(name || deskWords.phoneWalk.closed, dayWords(at))}
	</p>
{/if}
{#each readOut as { name, answers, at } (name)}
	<p class="mb-2 font-semibold">
		{deskWords.sharedSession.readOut(answers, name || deskWords.phoneWalk.closed, dayWords(at))}
	</p>
{/each}
<p class="text-note text-ink-soft">
	{texts.checklistSummary(checklistVersionWords(checklist.version), found.length)}
	{#if history.length > 1}{texts.selfAssessments(
			history.length,
			history
				.map(({ sentAt, state }) => `${dayWords(sentAt, 'medium')}, ${deskWords.states.assessment[state]}`)
				.join('; ')
		)}{/if}
</p>
{#each answerLines(corner, checklist, t, unit) as part (part.title)}
	<h3>{part.title}</h3>
	<dl>
		{#each part.lines as line, i (i)}
			<div class="pair">
				<dt>{line.name}</dt>
				<dd>{line.words}</dd>
			</div>
		{/each}
	</dl>
{/each}
{#each stations as { station, name, answered, notAsked } (station)}
	<h3>{name}</h3>
	<dl>
		{#each answered as { id, question, answer, finding } (id)}
			<div class="pair">
				<dt>{question}</dt>
				<dd class:text-warm={finding !== null}>
					{answer}{#if finding}<span class="block text-ink-soft">{finding}</span>{/if}
				</dd>
			</div>
		{/each}
	</dl>
	{#if notAsked.length > 0}
		<details class="mt-1">
			<summary class="kit-summary">{texts.questionsNotAsked(notAsked.length)}</summary>
			<ul class="text-note text-ink-soft">
				{#each notAsked as question (question)}<li>{question}</li>{/each}
			</ul>
		</details>
	{/if}
{/each}

<style>
	h3 {
		margin-top: 0.9rem;
		font-family: var(--font-sans);
		font-size: var(--text-note);
		font-weight: 650;
	}
	.pair {
		display: grid;
		grid-template-columns: minmax(9rem, 1fr) minmax(0, 1fr);
		gap: 0.75rem;
		padding: 0.2rem 0;
		border-bottom: 1px solid var(--rule);
		font-size: var(--text-note);
	}
	dt {
		color: var(--ink-soft);
	}
</style>

<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import type { Corner } from '$lib/core/workstation/corner/corner';
	import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
	import type { RedFlag } from '$lib/core/cases/discomfort/red-flags';
	import type { EquipmentItem, RequestState } from '$lib/core/plan/equipment';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { PlanStep } from '$lib/core/plan/plan-steps';
	import type { TimelineEntry } from '$lib/core/cases/timeline';
	import { dayWords } from '$lib/messages/dates';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import { checklistVersionWords } from '$lib/messages/desk/checklist-version-words';
	import { recordActWords } from '$lib/messages/desk/record-words';
	import { closableWords } from '$lib/messages/desk/triage-words';
	import { itemWords, requestStateWords } from '$lib/messages/desk/workforce-words';
	import { countryWords, languageWords } from '$lib/messages/reader-formats';
	import TimelineLine from './timeline/TimelineLine.svelte';
	import { answerParts, changedParts } from './answer-parts';
	import type AnswersPart from './AnswersPart.svelte';
	import { valueLines } from './value-lines';

	const { keeping: texts, phoneWalk } = deskWords;

	interface Answered {
		readonly id: string;
		readonly isOtherSpot: boolean;
		readonly at: Date | null;
		readonly corner: Corner | null;
		readonly route: string;
		readonly way: SittingStyle;
		readonly byPhone: { readonly name: string; readonly at: Date } | null;
		readonly checklist:
			| ComponentProps<typeof AnswersPart>['checklist']
			| Omit<ComponentProps<typeof AnswersPart>['checklist'], 'byPhone'>;
		readonly plans: readonly { readonly madeAt: Date; readonly steps: readonly PlanStep[] }[];
	}

	interface Props {
		data: {
			readonly person: Readonly<Record<string, unknown>>;
			readonly name: string;
			/** Newest first. */
			readonly answers: readonly Answered[];
			readonly unanswered: readonly Date[];
			readonly signs: readonly {
				readonly sign: RedFlag;
				readonly at: Date;
				readonly takenBackAt: Date | null;
			}[];
			readonly equipment: readonly {
				readonly purchase: EquipmentItem;
				readonly state: RequestState;
				readonly askedAt: Date;
				readonly reason: string;
			}[];
			readonly followUps: readonly {
				readonly due: string;
				readonly reason: string;
				readonly outcome: string;
			}[];
			readonly rounds: readonly {
				readonly name: string;
				readonly startsOn: string;
				readonly state: string;
			}[];
			/** Oldest first, without what the audit log counts. */
			readonly timeline: readonly TimelineEntry[];
			readonly acts: readonly {
				readonly act: string;
				readonly by: string;
				readonly name: string | null;
				readonly times: number;
				readonly from: Date | null;
				readonly to: Date | null;
			}[];
		};
		timeZone: string;
		unit: LengthUnit;
	}

	let { data, timeZone, unit }: Props = $props();

	const t = deskCatalogue();
	const details = $derived.by(() => {
		const { country, language, ...person } = data.person;
		return valueLines(
			{
				...person,
				country: country && countryWords(String(country)),
				language: languageWords(String(language))
			},
			timeZone,
			texts.fields
		);
	});
	/** Each in full, or what differs from the next newer one of the same workstation. */
	const answers = $derived(
		data.answers.map((one, i) => {
			const parts = partsOf(one);
			const newer = data.answers.slice(0, i).findLast(({ isOtherSpot }) => !isOtherSpot && !one.isOtherSpot);
			return { ...one, isWhole: !newer, parts: newer ? changedParts(parts, partsOf(newer)) : parts };
		})
	);
	const partsOf = ({ corner, checklist }: Answered) =>
		corner ? answerParts({ corner, checklist: { ...checklist, byPhone: null } }, t, unit) : [];
	const stepsOf = (steps: readonly PlanStep[]) =>
		t.lists.and(
			steps.map(({ place, pieces }) =>
				texts.document.step(t.steps.places[place], t.lists.things(pieces.map(({ label }) => label)))
			)
		);
	const actorOf = ({ by, name }: (typeof data.acts)[number]) =>
		name ?? (by === 'person' ? data.name : by === 'user' ? phoneWalk.closed : texts.document.automatic);
	const span = (from: Date | null, to: Date | null) => {
		const [first, last] = [from, to].map((day) => (day ? dayWords(day, 'medium') : ''));
		return first === last ? first : texts.document.span(first ?? '', last ?? '');
	};
</script>

<article class="document">
	<h1 class="text-title">{texts.everything(data.name)}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.everythingLead} {texts.document.alsoAsFile}</p>

	<h2>{texts.personalDetails}</h2>
	<p>
		{#each details as { name, words }, i (name)}{i > 0 ? '; ' : ''}<strong>{name}:</strong>
			{words}{/each}
	</p>

	{#each answers as one (one.id)}
		<h2>
			{texts.document.answers(one.at ? dayWords(one.at) : '', one.isOtherSpot)}
		</h2>
		<p class="soft">
			{texts.document.how(
				t.ways[one.way].name.split(':')[0] ?? one.way,
				deskWords.effect.routes[one.route] ?? one.route,
				checklistVersionWords(one.checklist.version)
			)}{#if one.byPhone}; {phoneWalk.asked(one.byPhone.name || phoneWalk.closed)}{/if}.
			{#if !one.isWhole}{texts.document.onlyChanges}{/if}
		</p>
		{#each one.parts as part (part.title)}
			<p>
				<strong>{part.title}.</strong>
				{#each part.lines as { name, words }, i (i)}{i > 0 ? '; ' : ''}<span class="soft">{name}</span>
					{words}{/each}
			</p>
		{/each}
		{#each one.plans as { madeAt, steps }, i (i)}
			{#if steps.length > 0}
				<p><strong>{texts.document.plan(dayWords(madeAt))}</strong> {stepsOf(steps)}</p>
			{/if}
		{/each}
	{/each}
	{#if data.unanswered.length > 0}
		<p>{texts.document.unanswered(t.lists.and(data.unanswered.map((at) => dayWords(at, 'medium'))))}</p>
	{/if}

	{#if data.signs.length > 0}
		<h2>{texts.kinds.reportedSigns}</h2>
		<ul>
			{#each data.signs as { sign, at, takenBackAt }, i (i)}
				<li>
					{dayWords(at, 'medium')}: {closableWords(sign)}{#if takenBackAt}, {texts.document.takenBack(
							dayWords(takenBackAt, 'medium')
						)}{/if}
				</li>
			{/each}
		</ul>
	{/if}
	{#if data.equipment.length > 0}
		<h2>{texts.kinds.equipment}</h2>
		<ul>
			{#each data.equipment as { purchase, state, askedAt, reason }, i (i)}
				<li>
					{dayWords(askedAt, 'medium')}: {itemWords(purchase)}, {requestStateWords(purchase, state)}{reason
						? `: ${reason}`
						: ''}
				</li>
			{/each}
		</ul>
	{/if}
	{#if data.followUps.length > 0}
		<h2>{texts.kinds.followUps}</h2>
		<ul>
			{#each data.followUps as { due, reason, outcome }, i (i)}
				<li>{dayWords(due, 'medium')}: {[reason, outcome].filter((one) => one !== '').join('; ')}</li>
			{/each}
		</ul>
	{/if}
	{#if data.rounds.length > 0}
		<h2>{texts.kinds.rounds}</h2>
		<ul>
			{#each data.rounds as { name, startsOn, state }, i (i)}
				<li>{name} ({dayWords(startsOn, 'medium')}): {texts.document.roundStates[state] ?? state}</li>
			{/each}
		</ul>
	{/if}

	{#if data.timeline.length > 0}
		<h2>{texts.document.said}</h2>
		<ol class="lines">
			{#each data.timeline as entry (entry.id)}
				<TimelineLine {entry} personName={data.name} {timeZone} />
			{/each}
		</ol>
	{/if}

	<h2>{texts.kinds.record}</h2>
	<p class="soft">{texts.document.counted}</p>
	<ul class="acts">
		{#each data.acts as act, i (i)}
			<li>
				{texts.document.act(actorOf(act), recordActWords(act.act))}
				<span class="soft">{texts.document.times(act.times, span(act.from, act.to) ?? '')}</span>
			</li>
		{/each}
	</ul>
</article>

<style>
	.document {
		max-width: 60rem;
		font-size: var(--text-note);
	}
	h2 {
		margin-top: 1.1rem;
		padding-bottom: 0.15rem;
		border-bottom: 1px solid var(--ink);
		font-size: var(--text-lead);
		break-after: avoid;
	}
	article > p:not(:first-of-type) {
		margin-top: 0.25rem;
	}
	.soft {
		color: var(--ink-soft);
	}
	.acts {
		columns: 2 20rem;
		column-gap: 2rem;
	}
	@media print {
		.document {
			max-width: none;
			font-size: 8.5pt;
			line-height: 1.35;
		}
	}
</style>

<script lang="ts">
	import { phoneHref, phoneWords } from '../platform/kit/phone-words';
	import { untrack } from 'svelte';
	import { enhanceForm } from '../platform/kit/enhance-form';
	import { planAsBuilt } from '$lib/core/cases/case-assessment/current-corner';
	import type { PlanItem } from '$lib/core/cases/case-assessment/vocabulary';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
	import type { Catalogue } from '$lib/messages/shapes';
	import { reasonWords, regionScoreWords } from '$lib/messages/desk/triage-words';
	import { dayWords } from '$lib/messages/dates';
	import { openAttribute } from '../platform/kit/open-attribute';
	import CheckTable from '../plan/CheckTable.svelte';
	import SegmentSwitch from '../platform/kit/SegmentSwitch.svelte';
	import SideViewDrawing from '../workstation/side-view/SideViewDrawing.svelte';
	import Button from '../platform/kit/Button.svelte';
	import ActFields from './ActFields.svelte';
	import type { BriefData } from './brief';
	import { CaseForm } from './case-form.svelte';
	import CaseCare from './CaseCare.svelte';
	import ContactForm from './ContactForm.svelte';
	import EquipmentList from './EquipmentList.svelte';
	import FinishForm from './FinishForm.svelte';
	import FormError from './FormError.svelte';
	import WriteForm from './WriteForm.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		brief: BriefData;
		t: Catalogue;
		unit: LengthUnit;
		today: string;
		userId: string | null;
		sent: () => void;
		/** Whether something is typed in one of the forms. */
		isTyped: boolean;
	}

	let { brief, t, unit, today, userId, sent, isTyped }: Props = $props();

	/** The follow-up shown: one that a colleague has completed stays while something is typed, so that nothing is lost. */
	let followUp = $state.raw(untrack(() => brief.followUp));
	$effect.pre(() => {
		if (brief.followUp || !isTyped) followUp = brief.followUp;
	});

	type State = 'first' | 'now' | 'after';

	const reading = new CaseForm();
	let shown = $state<State>('now');
	const words: Record<State, string> = { first: texts.atFirst, now: texts.now, after: texts.afterPlan };
	const sections = $derived.by(() => {
		if (!brief.corner) return null;
		const { corner, plan, standing, drawnAs } = brief.corner;
		const first = sideViewOf(corner, null, null, drawnAs);
		const hasBegun = standing !== null && plan !== null && standing.done.length > 0;
		return {
			first: hasBegun ? first : null,
			now: hasBegun
				? sideViewOf(
						corner,
						planAsBuilt(corner, plan, new Set(standing.done as PlanItem[])),
						standing.lengths,
						drawnAs
					)
				: first,
			after: sideViewOf(corner, plan, null, drawnAs)
		};
	});
	const states = $derived<State[]>(
		sections ? (['first', 'now', 'after'] as const).filter((state) => sections[state] !== null) : []
	);
	const section = $derived(sections && (sections[shown] ?? sections.now));
	const all = $derived(sections ? Object.values(sections).filter((s) => s !== null) : []);
</script>

<div class="pane">
	<div class="flex items-baseline justify-between gap-3">
		<h2 class="text-lead">{brief.name}</h2>
		<a class="text-note" href="/desk/cases/{brief.id}"
			>{texts.openFullCase} <kbd class="key" aria-hidden="true">↵</kbd></a
		>
	</div>
	{#if brief.phone}
		<p class="text-note"><a class="num" href={phoneHref(brief.phone)}>{phoneWords(brief.phone)}</a></p>
	{/if}
	{#if brief.assessmentResult}
		{@const grounds = brief.assessmentResult}
		<ul class="reasons">
			{#each grounds.reasons as reason, i (i)}
				{#if reason.code !== 'nothing-open'}<li>{reasonWords(reason, grounds)}</li>{/if}
			{/each}
		</ul>
	{/if}
	{#each brief.unread as message, i (i)}
		<p class="mt-2 border-s-3 border-cool ps-3 text-note whitespace-pre-wrap">
			{#if message.from}<span class="me-1 font-semibold">{message.from}:</span>{/if}{message.text}
		</p>
	{/each}
	{#if brief.unread.length > 0}
		<form method="POST" action="/desk/cases/{brief.id}?/read" use:enhanceForm={reading.submit} class="mt-1">
			<ActFields form={reading} version={brief.version} />
			<Button size="desk" isBusy={reading.isBusy}>{texts.markRead}</Button>
		</form>
		<FormError fault={reading.fault} />
	{/if}
	<CaseCare
		personId={brief.id}
		version={brief.version}
		owner={brief.owner}
		coordinators={brief.coordinators}
		{userId}
		later={brief.later}
		days={brief.laterDays.map((on) => ({ on, words: dayWords(on, 'weekday') }))}
		canWait={brief.canWait}
		done={sent}
	/>
	<details id="outcome" class="mt-2" {...openAttribute(brief.closable.length > 0)}>
		<summary class="kit-summary">{texts.recordContact(brief.closable.length)}</summary>
		<ContactForm
			personId={brief.id}
			phone=""
			closable={brief.closable}
			hazards={brief.hazards}
			checks={(brief.assessmentResult?.standing ?? []).map(({ id }) => id)}
			isReferred={brief.isReferred}
			version={brief.version}
			{today}
			done={sent}
		/>
	</details>
	{#if followUp}<FinishForm personId={brief.id} {followUp} {today} />{/if}
	{#if brief.note}
		<p class="mt-2 text-note text-ink-soft">
			{texts.noteBy(brief.note.authorName, brief.note.text)}
		</p>
	{/if}
	{#if brief.equipment.length > 0}
		<div id="approve">
			<EquipmentList requests={brief.equipment} personId={brief.id} canDecide />
		</div>
	{/if}
	{#if brief.discomfort.length > 0}
		<ul class="mt-2">
			{#each brief.discomfort as report, i (i)}
				<li class="border-b border-rule py-1 text-note" class:text-warm={report.worst >= 4}>
					<span class="first-letter:uppercase inline-block">{regionScoreWords(report)}</span>
					<span class="text-ink-soft">
						{[
							...(report.parts ?? []).map((part) => t.discomfort.partOptions[part]),
							...report.kinds.map((kind) => t.discomfort.kindOptions[kind]),
							...(report.hinders === 'much' ? [texts.hindersMuch] : [])
						].join(', ')}</span
					>
				</li>
			{/each}
		</ul>
	{/if}
	{#if section && sections}
		<div class="mt-3">
			<SegmentSwitch
				{states}
				{shown}
				label={t.section.choose}
				words={(state) => words[state]}
				choose={(state) => (shown = state)}
			/>
		</div>
		<div class="mt-2"><SideViewDrawing {section} {all} {t} {unit} mostHeight={300} isLive /></div>
		<CheckTable
			checks={section.checks}
			certainty={section.certainty}
			before={section === (sections.first ?? sections.now) ? [] : (sections.first ?? sections.now).checks}
			{t}
			{unit}
		/>
	{:else}
		<p class="mt-3 text-note text-ink-soft">{texts.noAnswersToShow}</p>
	{/if}
	<div class="mt-3">
		<WriteForm id="write" action="/desk/cases/{brief.id}?/message" offered={brief.reply} {sent} left={sent} />
	</div>
</div>

<style>
	.reasons {
		margin-top: 0.4rem;
		padding-inline-start: 0.9rem;
		list-style: disc;
		font-size: var(--text-note);
	}
</style>

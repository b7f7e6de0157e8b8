<script lang="ts">
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import { dayWords } from '$lib/messages/dates';
	import { reasonWords } from '$lib/messages/desk/triage-words';
	import Range from '../platform/kit/Range.svelte';
	import SegmentSwitch from '../platform/kit/SegmentSwitch.svelte';
	import SideViewDrawing from '../workstation/side-view/SideViewDrawing.svelte';
	import type { CaseCornerData, CornerView, JudgedAt } from './corner-view.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		corner: CaseCornerData;
		view: CornerView;
		judged: readonly JudgedAt[];
		t: Catalogue;
		unit: LengthUnit;
	}

	let { corner, view, judged, t, unit }: Props = $props();

	const knownAt = $derived(judged[view.at]?.at ?? new Date(0));
</script>

<section class="sheet" aria-label={texts.workstation}>
	<div class="flex flex-wrap items-center justify-between gap-3">
		{#if view.states.length > 1 && !view.earlier}
			<SegmentSwitch
				states={view.states}
				shown={view.state}
				label={t.section.choose}
				words={view.words}
				choose={(state) => (view.shown = state)}
				size="desk"
			/>
		{/if}
		<p class="text-mark text-ink-soft">
			{t.ways[corner.way].name}
		</p>
	</div>
	{#if view.section}
		<SideViewDrawing section={view.section} all={view.all} {t} {unit} mostHeight={340} />
	{/if}
	{#if judged.length <= 1 && corner.answeredAt}
		<p class="text-mark text-ink-soft">{texts.answeredOn(dayWords(corner.answeredAt))}</p>
	{:else}
		<div class="no-print known">
			<Range
				id="known-at"
				label={texts.asOf(dayWords(knownAt, 'medium'))}
				value={view.at}
				least={0}
				most={view.newestAt}
				said={dayWords(knownAt)}
				size="desk"
				oninput={(value) => (view.chosenAt = value)}
			/>
		</div>
	{/if}
	{#if view.earlier}
		{@const { level, document } = view.earlier}
		<p class="border-s-4 border-rule px-3 text-note">
			<strong>{deskWords.triage.levels[level].name}:</strong>
			{document.reasons.map((reason) => reasonWords(reason, document)).join(' · ')}
		</p>
	{/if}
</section>

<style>
	.sheet {
		display: grid;
		gap: 0.4rem;
		padding: 0.75rem 0.9rem;
		border: 1px solid var(--rule);
		background: var(--sheet);
	}
	.known {
		display: grid;
		grid-template-columns: 11rem 1fr;
		align-items: center;
	}
</style>

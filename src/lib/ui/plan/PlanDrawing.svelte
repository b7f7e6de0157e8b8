<script lang="ts">
	import type { Catalogue } from '$lib/messages/shapes';
	import SideViewDrawing from '../workstation/side-view/SideViewDrawing.svelte';
	import CheckTable from './CheckTable.svelte';
	import type { PlanState, PlanVisit } from './plan-visit.svelte';
	import SegmentSwitch from '../platform/kit/SegmentSwitch.svelte';

	interface Props {
		visit: PlanVisit;
		t: Catalogue;
	}

	let { visit, t }: Props = $props();

	const words: Record<PlanState, string> = $derived({
		first: visit.states.includes('standing') ? t.section.first : t.section.now,
		standing: t.section.now,
		after: t.section.after,
		again: t.section.again
	});
	const unit = $derived(visit.data.unit);
</script>

<section class="sheet">
	{#if visit.states.length > 1}
		<SegmentSwitch
			states={visit.states}
			shown={visit.shown}
			label={t.section.choose}
			words={(state) => words[state]}
			choose={(state) => visit.show(state)}
		/>
	{/if}
	<div class="mt-3">
		<SideViewDrawing section={visit.section} all={visit.all} {t} {unit} mostHeight={430} />
	</div>
	<div class="no-print mt-3">
		<CheckTable
			title={t.lists.of(t.plan.checksTitle, words[visit.shown])}
			checks={visit.section.checks}
			certainty={visit.section.certainty}
			before={visit.shown === 'first' ? [] : visit.data.before}
			{t}
			{unit}
		/>
	</div>
</section>

<style>
	.sheet {
		min-width: 0;
		padding: 1rem;
		border: 1px solid var(--rule);
		background: var(--sheet);
	}
	@media (min-width: 60rem) {
		.sheet {
			position: sticky;
			top: 1rem;
		}
	}
	@media print {
		.sheet {
			position: static;
			max-width: 11.5cm;
			margin: 0 auto;
			padding: 0;
			border: 0;
		}
	}
</style>

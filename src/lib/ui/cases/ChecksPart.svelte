<script lang="ts">
	import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
	import type { DrawingStyle } from '$lib/core/workstation/side-view/drawing-style';
	import type { CheckResult } from '$lib/core/workstation/checks/check-corner';
	import type { MeasurableLengthName } from '$lib/core/workstation/checks/check-uncertainty';
	import type { Corner } from '$lib/core/workstation/corner/corner';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Plan } from '$lib/core/plan/plan-corner';
	import type { Catalogue } from '$lib/messages/shapes';
	import CheckTable from '../plan/CheckTable.svelte';
	import SideViewDrawing from '../workstation/side-view/SideViewDrawing.svelte';
	import type { CornerView } from './corner-view.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		view: CornerView;
		measureNext: MeasurableLengthName | null;
		drawnAs: DrawingStyle;
		/** Further workstations of the same person, each with its plan. */
		spots: readonly {
			readonly id: string;
			readonly corner: Corner;
			readonly before: readonly CheckResult[];
			readonly plan: Plan | null;
		}[];
		t: Catalogue;
		unit: LengthUnit;
	}

	let { view, measureNext, drawnAs, spots, t, unit }: Props = $props();
</script>

<CheckTable
	title={view.earlier ? texts.resultsThen : view.words(view.state)}
	checks={view.checks}
	before={view.before}
	certainty={view.earlier ? undefined : view.section?.certainty}
	{t}
	{unit}
/>
{#if measureNext && !view.earlier}
	<p class="mt-3 text-note font-semibold text-cool">{texts.measureNext(t.measurable[measureNext])}</p>
{/if}
{#each spots as spot, i (spot.id)}
	{@const at = sideViewOf(spot.corner, spot.plan, null, drawnAs)}
	<section class="mt-5">
		<h3 class="border-b border-ink pb-1 text-lead">
			{texts.workstationAfterPlan(i + 2, spot.corner.spot.posture)}
		</h3>
		<SideViewDrawing section={at} all={[at]} {t} {unit} mostHeight={300} />
		<CheckTable checks={at.checks} before={spot.before} certainty={at.certainty} {t} {unit} />
	</section>
{/each}

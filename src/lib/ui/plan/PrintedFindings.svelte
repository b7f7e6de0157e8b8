<script lang="ts">
	import type { AdvisedViewingDistance } from '$lib/core/plan/advice/advised-viewing-distance';
	import { isHazard } from '$lib/core/questionnaire/checklist/hazards';
	import type { Habit } from '$lib/core/questionnaire/checklist/habits';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import { habitWords } from './habit-words';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { FindingLine } from '$lib/messages/advice/finding-lines';

	interface Props {
		data: {
			readonly findings: readonly FindingLine[];
			readonly habits: readonly Habit[];
			readonly toldDistance: AdvisedViewingDistance;
			readonly unit: LengthUnit;
		};
		t: Catalogue;
	}

	/** On paper below the steps, to tick by hand; fixes are printed only for hazards, so that it stays one sheet. */
	let { data, t }: Props = $props();

	const { findings } = $derived(data);
</script>

{#if findings.length > 0}
	<section>
		<h2 class="font-semibold">{t.open.besidesTitle}</h2>
		<ul>
			{#each findings as { finding, name, fixes } (finding)}
				<li>
					<span class="box" aria-hidden="true"></span>{isHazard(finding) && fixes[0]
						? t.lists.of(name, fixes[0])
						: name}
				</li>
			{/each}
		</ul>
	</section>
{/if}
<section>
	<h2 class="font-semibold">{t.habits.title}</h2>
	<ul>
		{#each data.habits as habit (habit.id)}
			<li>
				<span class="box" aria-hidden="true"></span>{habitWords(habit, data.toldDistance, t, data.unit)}
			</li>
		{/each}
	</ul>
</section>

<style>
	section {
		display: none;
	}
	@media print {
		section {
			display: block;
			clear: both;
			margin-top: 0.5rem;
			font-size: 9pt;
			line-height: 1.25;
		}
		ul {
			columns: 3;
			column-gap: 1rem;
		}
		li {
			break-inside: avoid;
		}
		.box {
			display: inline-block;
			width: 0.7em;
			height: 0.7em;
			margin-inline-end: 0.4em;
			border: 1px solid var(--ink);
		}
	}
</style>

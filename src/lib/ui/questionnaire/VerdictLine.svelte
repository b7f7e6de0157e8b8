<script lang="ts">
	import type { PartialCorner } from '$lib/core/questionnaire/answers/partial-checks';
	import type { CheckId } from '$lib/core/workstation/checks/check-values';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import CheckTable from '../plan/CheckTable.svelte';

	interface Props {
		/** The field asked about. */
		field: string;
		partial: PartialCorner | null;
		unit: LengthUnit;
		t: Catalogue;
	}

	let { field, partial, unit, t }: Props = $props();

	const COMPLETES: Readonly<Partial<Record<string, CheckId>>> = {
		popliteal: 'knee',
		seatHeight: 'knee',
		heel: 'knee',
		seatGive: 'knee',
		sittingElbow: 'elbow',
		standingElbow: 'elbow',
		homeRow: 'elbow',
		sittingEye: 'eye',
		standingEye: 'eye',
		topAboveBase: 'eye',
		screenSize: 'eye',
		thigh: 'thigh',
		surfaceThickness: 'thigh'
	};

	const checks = $derived(partial?.checks.filter(({ id }) => id === COMPLETES[field]) ?? []);
</script>

<!-- Its room is kept: it appears and changes while someone types. What would make it more certain is asked next anyway. -->
{#if COMPLETES[field]}
	<div class="verdict">
		{#if checks.length > 0}<CheckTable {checks} certainty={{}} {t} {unit} isLive />{/if}
	</div>
{/if}

<style>
	.verdict {
		min-height: 4.5rem;
	}
</style>

<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import { isOffline } from '../platform/kit/is-offline.svelte';
	import UnitButtons from '../questionnaire/UnitButtons.svelte';

	interface Props {
		/** The state of saving, in words. */
		status: string;
		unit: LengthUnit;
		spots: readonly {
			readonly path: string;
			readonly posture: 'sitting' | 'standing';
			readonly isAnswered: boolean;
			readonly isHere: boolean;
		}[];
		t: Catalogue;
	}

	let { status, unit, spots, t }: Props = $props();

	/** A table, a place to stand, and one more. */
	const MOST_SPOTS = 3;
</script>

<header class="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
	<p class="font-title font-semibold">{t.product}</p>
	<p class="order-last w-full text-note text-ink-soft md:order-none md:w-auto" role="status">{status}</p>
	<form
		method="POST"
		action="?/unit"
		class="no-print flex gap-1"
		aria-label={t.frame.unitLabel}
		use:enhanceForm
	>
		<UnitButtons {unit} disabled={isOffline.current} {t} />
	</form>
</header>

<nav class="no-print mt-3 flex flex-wrap items-center gap-2 text-note" aria-label={t.spots.title}>
	{#if spots.length > 1}
		{#each spots as spot, i (spot.path)}
			<Button
				aria-current={spot.isHere ? 'page' : undefined}
				href="{spot.path}{spot.isAnswered ? '/plan' : '/spot'}">{t.spots.name(i + 1, spot.posture)}</Button
			>
		{/each}
	{/if}
	{#if spots.length < MOST_SPOTS}
		<form method="POST" action="?/spot">
			<Button look="quiet" disabled={isOffline.current}>{t.spots.add}</Button>
		</form>
	{/if}
</nav>

<script lang="ts">
	import type { MeasurementGain } from '$lib/core/workstation/checks/measure-next';
	import type { ShownCheck } from '$lib/core/workstation/checks/check-corner';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import { changeWords } from './change-words';

	interface Props {
		check: ShownCheck;
		/** The same check before; null where there is nothing to compare with. */
		before: ShownCheck | null;
		certainty?: MeasurementGain;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { check, before, certainty, t, unit }: Props = $props();

	const words = $derived(changeWords(before, check, t, unit, certainty));
</script>

{#if words.was}<s class="text-ink-soft"><span class="sr-only">{t.checks.was}</span> {words.was}</s><span
		class="arrow"
		aria-hidden="true">→</span
	><span class="sr-only">, </span>{/if}<span class:fits={check.verdict === 'fits'}>{words.now}</span
>{#if words.isWorse}, <strong class="text-warm">{t.checks.worse}</strong>{/if}

<style>
	.arrow {
		margin: 0 0.35em;
	}
	.fits {
		color: var(--cool);
		font-weight: 600;
	}
</style>

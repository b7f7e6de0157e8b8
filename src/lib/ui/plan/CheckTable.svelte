<script lang="ts">
	import type { MeasurementGains } from '$lib/core/workstation/checks/measure-next';
	import type { CheckResult } from '$lib/core/workstation/checks/check-corner';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import { surerWords } from '../workstation/gap-mark/check-words';
	import CheckChange from '../workstation/gap-mark/CheckChange.svelte';
	import GapMark from '../workstation/gap-mark/GapMark.svelte';

	interface Props {
		title?: string;
		checks: readonly CheckResult[];
		/** The same checks before, drawn faintly into the gap marks. */
		before?: readonly CheckResult[];
		/** What would make them more certain; shown where known. */
		certainty?: MeasurementGains;
		t: Catalogue;
		unit: LengthUnit;
		/** Announced as it changes, while someone types. */
		isLive?: boolean;
	}

	let { title, checks, before = [], certainty = {}, t, unit, isLive = false }: Props = $props();
</script>

{#if title}<h2 class="font-sans text-note font-semibold">{title}</h2>{/if}
<ul class="mt-1 text-note" aria-live={isLive ? 'polite' : undefined}>
	{#each checks as check (check.id)}
		<li class="flex flex-wrap items-center gap-x-3 border-t border-rule py-1">
			<span class="w-24 font-semibold">{t.checks.names[check.id]}</span>
			<GapMark
				{check}
				before={before.find((b) => b.id === check.id)}
				certainty={certainty[check.id]}
				{t}
				{unit}
			/>
			<span class="min-w-36 flex-1"
				><CheckChange
					{check}
					before={before.find((b) => b.id === check.id) ?? null}
					certainty={certainty[check.id]}
					{t}
					{unit}
				/>{#if surerWords(check, certainty[check.id], t)}
					<span class="block text-ink-soft">{surerWords(check, certainty[check.id], t)}</span>{/if}</span
			>
		</li>
	{/each}
</ul>

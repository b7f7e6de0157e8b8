<script lang="ts">
	import type { RosterFault } from '$lib/core/exchange';
	import { FAULT_WORDS, FIELD_NAMES } from './roster-words';

	/** @param more faults beyond those that are given */
	let { faults, more }: { faults: readonly RosterFault[]; more: number } = $props();
	const all = $derived(faults.length + more);

	/** Faults shown before they are mended one after the other. */
	const SHOWN = 50;
</script>

<section class="mt-6 border-l-4 border-warm bg-warm-wash px-4 py-3">
	<h2 class="text-lead">
		{all === 1 ? 'One thing has' : `${all} things have`} to be mended in the file
	</h2>
	<p class="text-note">Nothing is taken in as long as one is left.</p>
	<ul class="mt-2 text-note">
		{#each faults.slice(0, SHOWN) as fault, i (i)}
			<li>
				<span class="font-semibold">Row {fault.row}, {FIELD_NAMES[fault.field].toLowerCase()}</span>
				{FAULT_WORDS[fault.code](fault)}
			</li>
		{/each}
	</ul>
	{#if all > SHOWN}<p class="mt-1 text-note">and {all - SHOWN} more.</p>{/if}
</section>

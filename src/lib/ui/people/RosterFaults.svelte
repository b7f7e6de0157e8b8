<script lang="ts">
	import type { RosterFault } from '$lib/core/exchange';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	/** @param more faults beyond those that are given */
	let { faults, more }: { faults: readonly RosterFault[]; more: number } = $props();
	const all = $derived(faults.length + more);

	/** Errors shown before the first ones are corrected. */
	const SHOWN = 50;
</script>

<section class="mt-6 border-s-4 border-warm bg-warm-wash px-4 py-3">
	<h2 class="text-lead">
		{texts.problemsInFile(all)}
	</h2>
	<p class="text-note">{texts.importAfterFixing}</p>
	<ul class="mt-2 text-note">
		{#each faults.slice(0, SHOWN) as fault, i (i)}
			<li>
				<span class="font-semibold">{texts.rowOf(fault.row, deskWords.roster.fields[fault.field])}</span>
				{deskWords.roster.faults[fault.code](fault)}
			</li>
		{/each}
	</ul>
	{#if all > SHOWN}<p class="mt-1 text-note">{texts.andMore(all - SHOWN)}</p>{/if}
</section>

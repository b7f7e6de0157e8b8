<script lang="ts">
	import type { ExcludedGroup } from '$lib/core/platform/sending';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.rounds;

	interface Props {
		/** Who would be sent an invitation: how many, the first by name, and who is left out. */
		who: {
			readonly n: number;
			readonly names: readonly string[];
			readonly leftOut: readonly ExcludedGroup[];
		};
	}

	let { who }: Props = $props();
</script>

{#snippet named(names: readonly string[], n: number)}
	<p class="max-w-prose text-note">
		{texts.namesAndMore(names, n - names.length)}
	</p>
{/snippet}

<section class="mt-4 border-s-4 border-cool px-3" aria-label={texts.recipients}>
	<details>
		<summary class="kit-summary">{texts.goesTo(who.n)}</summary>
		{@render named(who.names, who.n)}
	</details>
	{#each who.leftOut as group (group.why)}
		<details>
			<summary class="kit-summary">{texts.leftOut(group.n, deskWords.leftOut.reasons[group.why])}</summary>
			{@render named(group.names, group.n)}
		</details>
	{/each}
	{#if who.leftOut.length > 0}
		<p class="text-note text-ink-soft">{texts.leftOutHint}</p>
	{/if}
</section>

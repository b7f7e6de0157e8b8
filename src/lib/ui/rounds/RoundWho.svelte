<script lang="ts">
	import type { LeftOutGroup } from '$lib/core/sending';
	import { LEFT_OUT_WORDS } from './left-out-words';

	interface Props {
		/** Who would be sent to: how many, the first by name, and who is left out. */
		who: { readonly n: number; readonly names: readonly string[]; readonly leftOut: readonly LeftOutGroup[] };
	}

	let { who }: Props = $props();
</script>

{#snippet named(names: readonly string[], n: number)}
	<p class="max-w-prose text-note">
		{names.join(', ')}{n > names.length ? ` and ${n - names.length} more` : ''}.
	</p>
{/snippet}

<section class="mt-4 border-l-4 border-cool px-3" aria-label="Who it goes to">
	<details>
		<summary class="kit-summary">It goes to {who.n === 1 ? 'one person' : `${who.n} people`}</summary>
		{@render named(who.names, who.n)}
	</details>
	{#each who.leftOut as group (group.why)}
		<details>
			<summary class="kit-summary">Left out: {group.n}, {LEFT_OUT_WORDS[group.why]}</summary>
			{@render named(group.names, group.n)}
		</details>
	{/each}
	{#if who.leftOut.length > 0}
		<p class="text-note text-ink-soft">Each of them can be sent one from their own case.</p>
	{/if}
</section>

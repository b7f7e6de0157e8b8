<script lang="ts">
	import type { IgnoredRow } from '$lib/core/people/exchange/roster-fields';
	import { deskWords } from '$lib/messages/desk';

	const { people: texts, roster } = deskWords;

	/** Rows shown of those left out. */
	const SHOWN = 100;

	let { rows }: { rows: readonly IgnoredRow[] } = $props();
</script>

<details class="mt-3 text-note">
	<summary class="kit-summary">{texts.ignoredRows(rows.length)}</summary>
	<ul class="mt-1 ps-4">
		{#each rows.slice(0, SHOWN) as { row, why, text } (row)}
			<li>{texts.ignoredRow(row, roster.ignored[why], text)}</li>
		{/each}
	</ul>
	{#if rows.length > SHOWN}<p>{texts.andMore(rows.length - SHOWN)}</p>{/if}
</details>

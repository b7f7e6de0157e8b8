<script lang="ts">
	import { replaceState } from '$app/navigation';
	import { tick, type Snippet } from 'svelte';
	import { page } from '$app/state';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Part {
		readonly id: string;
		readonly words: string;
		/** The number of items that need attention. */
		readonly count?: string;
	}

	interface Props {
		parts: readonly Part[];
		panel: Snippet<[string]>;
	}

	let { parts, panel }: Props = $props();

	const asked = () => page.url.searchParams.get('part') ?? '';
	const first = $derived(parts[0]?.id ?? '');
	let chosen = $state(asked());
	const shown = $derived(parts.some(({ id }) => id === chosen) ? chosen : first);

	/** Opens a part, and focuses an element in it. */
	export function open(part: string, focusId = ''): void {
		chosen = part;
		const query = part === first ? page.url.pathname : `?part=${part}`;
		replaceState(query, {});
		if (focusId) void tick().then(() => document.getElementById(focusId)?.focus());
	}

	// A URL can name a part, and what to look for in it.
	$effect(() => {
		const id = location.hash.slice(1);
		if (id) void tick().then(() => document.getElementById(id)?.focus());
	});
</script>

<!-- Links, so that each part has a URL and opens without scripts; all parts stay in the page, so that nothing typed in one is lost by viewing another. -->
<div class="parts">
	<nav class="no-print" aria-label={texts.partsOfCase}>
		{#each parts as { id, words, count } (id)}
			<a
				href="?part={id}"
				aria-current={shown === id ? 'true' : undefined}
				onclick={(event) => {
					if (event.metaKey || event.ctrlKey || event.shiftKey) return;
					event.preventDefault();
					open(id);
				}}
				>{words}{#if count}<span class="count">{count}</span>{/if}</a
			>
		{/each}
	</nav>
	{#each parts as { id, words } (id)}
		<section id="part-{id}" class="panel" aria-label={words} hidden={shown !== id}>
			{@render panel(id)}
		</section>
	{/each}
</div>

<style>
	.parts {
		display: flex;
		flex-direction: column;
		min-width: 0;
		min-height: 0;
	}
	nav {
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.55rem;
		border-bottom: 1.5px solid var(--ink);
	}
	nav a {
		padding: 0.3rem 0;
		font-size: var(--text-note);
		color: var(--ink-soft);
		text-decoration: none;
	}
	nav a:hover {
		color: var(--ink);
	}
	nav a[aria-current] {
		color: var(--ink);
		font-weight: 700;
		box-shadow: inset 0 -3px 0 var(--ink);
	}
	.count {
		margin-inline-start: 0.3rem;
		font-weight: 400;
		color: var(--ink-soft);
		font-variant-numeric: tabular-nums;
	}
	.panel {
		padding-block: 0.6rem 1rem;
		padding-inline: 0 0.25rem;
		overflow: auto;
		min-height: 0;
	}
	@media print {
		.panel {
			display: block !important;
		}
	}
</style>

<script lang="ts">
	import { page } from '$app/state';
	import { deskWords } from '$lib/messages/desk';
	import { valueLines } from '$lib/ui/cases/value-lines';
	import Button from '$lib/ui/kit/Button.svelte';

	const texts = deskWords.keeping;

	let { data } = $props();

	const { person, format: _format, at: _at, ...kinds } = $derived(data.everything);
	const name = $derived(String(person.name));
	const kindWords: Readonly<Record<string, string>> = texts.kinds;
	const fieldWords: Readonly<Record<string, string>> = texts.fields;
	const parts = $derived(
		Object.entries(kinds)
			.filter(([, rows]) => rows.length > 0)
			.map(([kind, rows]) => ({ kind, rows: rows.map((row) => valueLines(row, data.timeZone, fieldWords)) }))
	);
	const own = $derived(valueLines(person, data.timeZone, fieldWords));
</script>

<svelte:head><title>{texts.everythingTitle(name)}</title></svelte:head>

<main class="max-w-3xl px-6 py-6">
	<p class="no-print mb-4 flex flex-wrap gap-3">
		<Button size="desk" href={page.url.pathname.replace(/\/everything$/, '?part=person')}
			>{texts.backToCase}</Button
		>
		<Button look="main" size="desk" class="needs-js" type="button" onclick={() => window.print()}
			>{texts.print}</Button
		>
		<Button size="desk" href="{page.url.pathname}/data">{texts.download}</Button>
	</p>
	<h1 class="text-title">{texts.everything(name)}</h1>
	<p class="mt-1 text-ink-soft">{texts.everythingLead}</p>
	{#snippet lines(row: ReturnType<typeof valueLines>)}
		<dl class="row">
			{#each row as { name: field, words } (field)}
				<dt>{field}</dt>
				<dd>{words}</dd>
			{/each}
		</dl>
	{/snippet}
	<h2>{texts.personalDetails}</h2>
	{@render lines(own)}
	{#each parts as { kind, rows } (kind)}
		<h2>{texts.counted(kindWords[kind] ?? kind, rows.length)}</h2>
		{#each rows as row, i (i)}{@render lines(row)}{/each}
	{/each}
</main>

<style>
	h2 {
		margin-top: 1.75rem;
		padding-bottom: 0.25rem;
		border-bottom: 1px solid var(--ink);
		font-size: var(--text-head);
		break-after: avoid;
	}
	.row {
		display: grid;
		grid-template-columns: minmax(8rem, 1fr) 3fr;
		gap: 0.1rem 1rem;
		padding: 0.5rem 0;
		border-bottom: 1px solid var(--rule);
		font-size: var(--text-note);
	}
	dt {
		color: var(--ink-soft);
	}
	dd {
		white-space: pre-line;
		overflow-wrap: anywhere;
	}
</style>

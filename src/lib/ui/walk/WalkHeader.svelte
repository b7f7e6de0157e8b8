<script lang="ts">
	import type { Page } from '$lib/core/answers';
	import { PAGES } from '$lib/core/answers';
	import type { Catalogue } from '$lib/messages';
	import type { Draft } from './draft.svelte';

	interface Props {
		draft: Draft;
		t: Catalogue;
		page: Page;
		savedAt: Date | null;
	}

	let { draft, t, page, savedAt }: Props = $props();

	const time = new Intl.DateTimeFormat(undefined, { timeStyle: 'short' });
	const at = $derived(draft.autosave.savedAt ?? savedAt);
	const saying = $derived.by(() => {
		if (draft.autosave.state === 'waiting') return t.frame.notSaved;
		if (draft.autosave.state === 'saving') return t.frame.saving;
		return at ? t.frame.saved(time.format(at)) : '';
	});
</script>

<header class="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
	<p class="font-title font-semibold">{t.product}</p>
	<p class="order-last w-full text-note text-ink-soft md:order-none md:w-auto" role="status">{saying}</p>
	<div class="flex items-center gap-2 text-note" role="group" aria-label={t.frame.unitLabel}>
		{#each ['cm', 'in', 'mm'] as const as unit (unit)}
			<button
				class="unit"
				name="to"
				value={unit}
				formaction="?/unit"
				formnovalidate
				aria-pressed={draft.unit === unit}
				aria-label="{unit}: {t.frame.unit[unit]}">{unit}</button
			>
		{/each}
	</div>
</header>
<nav aria-label={t.frame.pages} class="mt-4">
	<ol class="flex border-b border-rule">
		{#each PAGES as item (item)}
			<li class="flex-1">
				<button
					class="stop"
					name="go"
					value={item}
					formaction="?/go"
					formnovalidate
					aria-current={item === page ? 'step' : undefined}>{t.pages[item].short}</button
				>
			</li>
		{/each}
	</ol>
</nav>

<style>
	.unit {
		min-width: 2.75rem;
		min-height: 2.75rem;
		border: 1px solid transparent;
		border-radius: 3px;
		color: var(--ink-soft);
	}
	.unit[aria-pressed='true'] {
		border-color: var(--ink);
		color: var(--ink);
		font-weight: 700;
	}
	.stop {
		width: 100%;
		min-height: 2.75rem;
		margin-bottom: -1px;
		border-bottom: 3px solid transparent;
		font-size: var(--text-note);
		color: var(--ink-soft);
	}
	.stop[aria-current] {
		border-bottom-color: var(--warm);
		color: var(--ink);
		font-weight: 700;
	}
	.stop:hover {
		color: var(--ink);
		background: var(--cool-wash);
	}
</style>

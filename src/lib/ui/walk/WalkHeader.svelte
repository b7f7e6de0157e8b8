<script lang="ts">
	import type { Page } from '$lib/core/answers';
	import { PAGES } from '$lib/core/answers';
	import type { Catalogue } from '$lib/messages';
	import { savingFault } from '../autosave/saving-fault';
	import type { Draft } from './draft.svelte';
	import UnitButtons from './UnitButtons.svelte';

	interface Props {
		draft: Draft;
		t: Catalogue;
		page: Page;
		savedAt: Date | null;
		/** Where the pages of this personal link begin. */
		home: string;
	}

	let { draft, t, page, savedAt, home }: Props = $props();

	const time = new Intl.DateTimeFormat(undefined, { timeStyle: 'short' });
	const index = $derived(PAGES.indexOf(page));
	const at = $derived(draft.autosave.savedAt ?? savedAt);
	const saying = $derived.by(() => {
		const fault = savingFault([draft.autosave.state], t);
		if (fault) return fault;
		if (draft.autosave.state === 'saving') return t.frame.saving;
		return at ? t.frame.saved(time.format(at)) : '';
	});
</script>

<header class="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
	<p class="font-title font-semibold">{t.product}</p>
	<p class="order-last w-full text-note text-ink-soft md:order-none md:w-auto" role="status">{saying}</p>
	<div class="flex items-center gap-2 text-note" role="group" aria-label={t.frame.unitLabel}>
		<UnitButtons unit={draft.unit} formaction="?/unit" {t} />
	</div>
</header>
<nav aria-label={t.frame.pages} class="mt-3">
	<div class="progress" aria-hidden="true">
		{#each PAGES as item, i (item)}<span class:done={i < index} class:here={i === index}></span>{/each}
	</div>
	<details class="contents">
		<summary>
			<span>{t.frame.contents}</span>
			<span class="text-ink-soft">{t.frame.pageOf(index + 1, PAGES.length)}</span>
		</summary>
		<ol>
			{#each PAGES as item, i (item)}
				<li>
					<button
						class="stop"
						name="go"
						value={item}
						formaction="?/go"
						formnovalidate
						aria-current={item === page ? 'step' : undefined}
						><span class="num text-ink-soft">{i + 1}</span> {t.pages[item].title}</button
					>
				</li>
			{/each}
		</ol>
	</details>
	<p class="flex flex-wrap gap-x-6 pt-2 text-note">
		<a class="inline-flex min-h-6 items-center" href="{home}/measure">{t.measure.link}</a>
		<a class="inline-flex min-h-6 items-center" href="{home}/other-device">{t.device.link}</a>
	</p>
</nav>

<style>
	.progress {
		display: flex;
		gap: 3px;
	}
	.progress span {
		flex: 1;
		height: 5px;
		background: var(--rule);
	}
	.progress .done {
		background: var(--cool);
	}
	.progress .here {
		background: var(--warm);
	}
	.contents {
		position: relative;
		border-bottom: 1px solid var(--rule);
	}
	summary {
		display: flex;
		justify-content: space-between;
		align-items: center;
		min-height: 2.75rem;
		font-size: var(--text-note);
		cursor: pointer;
	}
	ol {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
		padding-bottom: 0.5rem;
	}
	.stop {
		width: 100%;
		min-height: 2.75rem;
		padding: 0 0.5rem;
		text-align: left;
	}
	.stop[aria-current] {
		font-weight: 700;
		box-shadow: inset 3px 0 0 var(--warm);
	}
	.stop:hover {
		background: var(--cool-wash);
	}
</style>

<script lang="ts">
	import type { Catalogue } from '$lib/messages/shapes';
	import NeedsNetwork from '../platform/kit/NeedsNetwork.svelte';
	import Button from '../platform/kit/Button.svelte';

	interface Props {
		/** Labels of the main button for one question, and for a page. */
		words: { readonly one: string; readonly page: string; readonly canSkip: boolean };
		isBusy: boolean;
		/** Where someone who is stuck here can write. */
		stuckHref: string;
		t: Catalogue;
	}

	let { words, isBusy, stuckHref, t }: Props = $props();
</script>

<!-- Two pairs, of which the width shows one: they work without scripts too, and tell the server which was pressed. -->
<div class="bar">
	<div class="one">
		<Button size="thumb" name="go" value="back" formnovalidate>{t.frame.back}</Button>
		<!-- An answer is wanted: skipping is possible, and less prominent. -->
		<Button size="thumb" look={words.canSkip ? 'plain' : 'main'} class="flex-1" name="go" value="on" {isBusy}
			>{words.one}</Button
		>
	</div>
	<div class="page">
		<Button name="go" value="before" formnovalidate>{t.frame.back}</Button>
		<Button look="main" name="go" value="next" {isBusy}>{words.page}</Button>
	</div>
	<p class="status" role="status">{isBusy ? t.plan.solving : ''}</p>
	<NeedsNetwork href={stuckHref} {t}>{t.stuck.link}</NeedsNetwork>
</div>

<style>
	.bar {
		margin-top: auto;
		padding: 0.5rem 0 0.25rem;
	}
	.one {
		display: flex;
		gap: 0.625rem;
	}
	.page {
		display: none;
		gap: 0.75rem;
	}
	.status {
		font-size: var(--text-note);
		color: var(--ink-soft);
	}
	@media (max-width: 61.99rem) {
		.bar {
			position: sticky;
			bottom: 0;
			border-top: 1px solid var(--rule);
			background: var(--paper);
			z-index: 5;
		}
	}
	@media (min-width: 62rem) {
		.one {
			display: none;
		}
		.page {
			display: flex;
		}
	}
</style>

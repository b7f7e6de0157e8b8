<script lang="ts">
	import type { Snippet } from 'svelte';
	import { deskWords } from '$lib/messages/desk';
	import Button from '../../platform/kit/Button.svelte';

	const { cases, inspection: texts } = deskWords;

	interface Props {
		/** The page it belongs to, and its name. */
		backHref: string;
		backWords: string;
		children: Snippet;
	}

	let { backHref, backWords, children }: Props = $props();
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="page">
	<p class="no-print mb-6 flex flex-wrap gap-3">
		<Button size="desk" href={backHref}>{backWords}</Button>
		<Button look="main" size="desk" class="needs-js" type="button" onclick={() => window.print()}
			>{cases.print}</Button
		>
	</p>
	{@render children()}
</main>

<style>
	.page {
		padding: 1.5rem;
	}
	@media print {
		.page {
			padding: 0;
		}
	}
</style>

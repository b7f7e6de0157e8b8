<script lang="ts">
	import { messagesFor } from '$lib/messages';

	let { data } = $props();

	const t = $derived(messagesFor(data.locale));
</script>

<svelte:head><title>{t.device.title} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-xl px-5 py-8">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-6 text-title">{t.device.title}</h1>
	<p class="mt-2 text-lead">{t.device.lead}</p>
	<!-- eslint-disable-next-line svelte/no-at-html-tags -- made on the server of an address of ours -->
	<div class="code mt-6" role="img" aria-label={t.device.alt}>{@html data.code}</div>
	<p class="mt-4 text-note text-ink-soft">{t.device.care}</p>
</main>

<style>
	.code {
		width: min(18rem, 100%);
		border: 1px solid var(--rule);
	}
</style>

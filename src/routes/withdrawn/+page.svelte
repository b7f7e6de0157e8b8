<script lang="ts">
	import { messagesFor } from '$lib/messages';

	const t = messagesFor('en');
</script>

<svelte:head><title>{t.withdraw.doneTitle} · {t.product}</title></svelte:head>

<main class="mx-auto max-w-xl px-5 py-16">
	<h1 class="text-title">{t.withdraw.doneTitle}</h1>
	<p class="mt-3 text-lead">{t.withdraw.doneLead}</p>
</main>

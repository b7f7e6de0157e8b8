<script lang="ts">
	import { messagesFor } from '$lib/messages';
	import { stopTextsFor } from '$lib/messages/stop';
	import Button from '$lib/ui/platform/kit/Button.svelte';

	let { data } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(stopTextsFor(data.locale));
</script>

<svelte:head><title>{texts.privacyTitle} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-2xl px-5 py-8 md:py-14">
	<p class="font-title text-body font-semibold">{t.product}</p>
	<h1 class="mt-6 text-title">{texts.privacyTitle}</h1>
	<dl class="mt-4 border-t border-ink">
		{#each data.privacy as [term, words] (term)}
			<div class="grid grid-cols-[6.5rem_1fr] gap-3 border-b border-rule py-2.5">
				<dt class="font-semibold text-ink-soft">{term}</dt>
				<dd>{words}</dd>
			</div>
		{/each}
	</dl>
	<p class="mt-6 flex flex-wrap gap-x-5 gap-y-2">
		<Button look="quiet" href="/c/{data.token}/take-along" data-sveltekit-reload>{texts.download}</Button>
		<Button look="quiet" href="/c/{data.token}/withdraw">{texts.withdraw}</Button>
		<Button look="quiet" href="/c/{data.token}">{texts.privacyBack}</Button>
	</p>
</main>

<script lang="ts">
	import { messagesFor } from '$lib/messages';
	import { LANGUAGES } from '$lib/messages/languages';
	import Button from '$lib/ui/kit/Button.svelte';

	/** In every language: the device keeps one such page for all links. */
	const all = LANGUAGES.map((language) => messagesFor(language));
	const [t = messagesFor()] = all;
</script>

<svelte:head><title>{t.withoutNetwork.title} · {t.product}</title></svelte:head>

<main class="mx-auto max-w-xl px-5 py-16">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-6 text-title">{t.withoutNetwork.title}</h1>
	<p class="mt-3 text-lead">{t.withoutNetwork.lead}</p>
	<p class="mt-8 flex flex-wrap gap-3">
		<!-- Without an address of their own: the first opens again what was asked for, the second is filled in by the service worker. -->
		<Button look="main" href="">{t.faults.again}</Button>
		<Button href="/kept-answers">{t.withoutNetwork.back}</Button>
	</p>
	{#each all.slice(1) as words (words.locale)}
		<section lang={words.locale} class="mt-8 border-t border-rule pt-6">
			<h2 class="text-lead">{words.withoutNetwork.title}</h2>
			<p class="mt-2">{words.withoutNetwork.lead}</p>
		</section>
	{/each}
</main>

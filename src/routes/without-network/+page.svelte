<script lang="ts">
	import { messagesFor } from '$lib/messages';
	import { asideTextsFor } from '$lib/messages/aside';
	import { DEFAULT_LANGUAGE, LANGUAGES } from '$lib/messages/languages';
	import Button from '$lib/ui/platform/kit/Button.svelte';

	/** In every language: the device keeps one such page for all links. */
	const others = LANGUAGES.filter((language) => language !== DEFAULT_LANGUAGE).map((language) => ({
		language,
		...asideTextsFor(language).withoutNetwork
	}));
	const t = messagesFor();
	const texts = asideTextsFor(DEFAULT_LANGUAGE).withoutNetwork;
</script>

<svelte:head><title>{texts.title} · {t.product}</title></svelte:head>

<main class="mx-auto max-w-xl px-5 py-16">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-6 text-title">{texts.title}</h1>
	<p class="mt-3 text-lead">{texts.lead}</p>
	<p class="mt-8 flex flex-wrap gap-3">
		<!-- Neither link has an address of its own: the first reopens the page that was asked for, the second is filled in by the service worker. -->
		<Button look="main" href="">{t.faults.again}</Button>
		<Button href="/kept-answers">{texts.back}</Button>
	</p>
	{#each others as words (words.language)}
		<section lang={words.language} class="mt-8 border-t border-rule pt-6">
			<h2 class="text-lead">{words.title}</h2>
			<p class="mt-2">{words.lead}</p>
		</section>
	{/each}
</main>

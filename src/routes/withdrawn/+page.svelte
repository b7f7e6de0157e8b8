<script lang="ts">
	import { onMount } from 'svelte';
	import { messagesFor } from '$lib/messages';
	import { asideTextsFor } from '$lib/messages/aside';
	import { LANGUAGES } from '$lib/messages/languages';
	import { deviceStorage } from '$lib/ui/questionnaire/device-storage';
	import { clearDeviceAnswers } from '$lib/ui/questionnaire/stored-answers';

	/** In every language: nothing says any more whose link it was. */
	const all = LANGUAGES.map((language) => ({ language, ...asideTextsFor(language).withdraw }));
	const [first] = all;
	const { product } = messagesFor();

	// What is withdrawn must not remain on the device either.
	onMount(() => void clearDeviceAnswers(deviceStorage()));
</script>

<svelte:head><title>{first?.doneTitle} · {product}</title></svelte:head>

<main class="mx-auto max-w-xl px-5 py-16">
	{#each all as words, i (words.language)}
		<section lang={words.language} class={i > 0 ? 'mt-8 border-t border-rule pt-6' : ''}>
			<svelte:element this={i === 0 ? 'h1' : 'h2'} class={i === 0 ? 'text-title' : 'text-lead'}
				>{words.doneTitle}</svelte:element
			>
			<p class="mt-3">{words.doneLead}</p>
		</section>
	{/each}
</main>

<script lang="ts">
	import { onMount } from 'svelte';
	import { messagesFor } from '$lib/messages';
	import { LANGUAGES } from '$lib/messages/languages';
	import { deviceStorage } from '$lib/ui/questionnaire/device-storage';
	import { clearDeviceAnswers } from '$lib/ui/questionnaire/stored-answers';

	/** In every language: nothing tells any more whose link it was. */
	const all = LANGUAGES.map((language) => messagesFor(language));
	const [t = messagesFor()] = all;

	// What is withdrawn must not lie on the device either.
	onMount(() => void clearDeviceAnswers(deviceStorage()));
</script>

<svelte:head><title>{t.withdraw.doneTitle} · {t.product}</title></svelte:head>

<main class="mx-auto max-w-xl px-5 py-16">
	{#each all as words, i (words.locale)}
		<section lang={words.locale} class={i > 0 ? 'mt-8 border-t border-rule pt-6' : ''}>
			<svelte:element this={i === 0 ? 'h1' : 'h2'} class={i === 0 ? 'text-title' : 'text-lead'}
				>{words.withdraw.doneTitle}</svelte:element
			>
			<p class="mt-3">{words.withdraw.doneLead}</p>
		</section>
	{/each}
</main>

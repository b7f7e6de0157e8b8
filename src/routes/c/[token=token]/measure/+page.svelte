<script lang="ts">
	import { QUESTIONNAIRE_PAGES } from '$lib/core/questionnaire/answers/questionnaire-pages';
	import { unitOf } from '$lib/core/questionnaire/answers/fields';
	import { messagesFor } from '$lib/messages';
	import { measuringPageTextsFor } from '$lib/messages/measuring-page';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import ScreenRuler from '$lib/ui/body/measuring/ScreenRuler.svelte';

	let { data } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(measuringPageTextsFor(data.locale));
	const unit = $derived(unitOf(data.answers));
</script>

<svelte:head><title>{texts.title} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-2xl px-5 py-8">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-6 text-title">{texts.title}</h1>
	<p class="mt-2 text-lead">{texts.lead}</p>

	{#each texts.ways as way (way.title)}
		<section class="mt-7 border-t border-ink pt-3">
			<h2 class="text-lead">{way.title}</h2>
			{#each way.lines as line (line)}<p class="mt-1">{line}</p>{/each}
			{#if way.id === 'paper-ruler'}
				<p class="mt-3 flex flex-wrap gap-3">
					<Button href="/c/{data.token}/ruler?paper=a4">{texts.printA4}</Button>
					<Button href="/c/{data.token}/ruler?paper=letter">{texts.printLetter}</Button>
				</p>
			{:else if way.id === 'photo'}
				<p class="needs-js mt-3"><Button href="/c/{data.token}/photo">{t.measure.photo}</Button></p>
			{:else if way.id === 'card'}
				<div class="needs-js mt-3"><ScreenRuler {t} {unit} /></div>
			{/if}
		</section>
	{/each}
	<p class="mt-8"><Button href="/c/{data.token}/{QUESTIONNAIRE_PAGES[2]}">{texts.toTheWalk}</Button></p>
</main>

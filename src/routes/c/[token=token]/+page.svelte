<script lang="ts">
	import { PAGES } from '$lib/core/answers';
	import { messagesFor } from '$lib/messages';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
</script>

<svelte:head><title>{t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-2xl px-5 py-8 md:py-14">
	<p class="font-title text-body font-semibold">{t.product}</p>
	<h1 class="mt-6 text-title">{t.start.title(data.personName)}</h1>
	<p class="mt-3 text-lead">{t.start.lead}</p>

	<h2 class="mt-8 border-b border-ink pb-2 text-lead">{t.start.linesTitle}</h2>
	<dl>
		{#each t.start.lines as [term, words] (term)}
			<div class="grid grid-cols-[5.5rem_1fr] gap-3 border-b border-rule py-2.5">
				<dt class="font-semibold text-ink-soft">{term}</dt>
				<dd>{words}</dd>
			</div>
		{/each}
	</dl>

	{#if form?.fault}<p class="mt-4 border-l-4 border-warm px-3 py-1" role="alert">{form.fault.message}</p>{/if}
	<form method="POST" action="?/begin" class="mt-8 flex flex-wrap gap-3">
		{#if data.isAnswered}
			<a class="btn btn-main" href="/c/{data.token}/plan">{t.start.toPlan}</a>
			<a class="btn" href="/c/{data.token}/{PAGES[1]}">{t.plan.correct}</a>
		{:else}
			<button class="btn btn-main">{data.hasConsent ? t.start.goOn : t.start.begin}</button>
		{/if}
	</form>
</main>

<script lang="ts">
	import { messagesFor } from '$lib/messages';
	import { asideTextsFor } from '$lib/messages/aside';
	import Button from '$lib/ui/platform/kit/Button.svelte';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(asideTextsFor(data.locale).withdraw);
</script>

<svelte:head><title>{texts.title} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-xl px-5 py-5">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-6 text-title">{texts.title}</h1>
	<p class="mt-3 text-lead">{texts.lead}</p>
	<p class="mt-3">{texts.stays}</p>
	{#if data.hasOpenSign}
		<p class="mt-4 border-s-4 border-warm bg-warm-wash px-3 py-2">{texts.signStays}</p>
	{/if}
	{#if form?.fault}<p class="mt-4 border-s-4 border-warm px-3 py-1" role="alert">{form.fault.message}</p>{/if}
	<!-- A plain post: afterwards nothing of the visit remains in the page. -->
	<form method="POST" class="mt-8 flex flex-wrap gap-3">
		<Button look="main">{texts.confirm}</Button>
		{#if !data.hasLeft}
			<Button href="/c/{data.token}/{data.isAnswered ? 'plan' : ''}">{texts.keep}</Button>
		{/if}
	</form>
</main>

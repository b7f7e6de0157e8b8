<script lang="ts">
	import { messagesFor } from '$lib/messages';
	import { asideTextsFor } from '$lib/messages/aside';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(asideTextsFor(data.locale).reminders);
</script>

<svelte:head><title>{texts.title} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-xl px-5 py-5">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-6 text-title">{texts.title}</h1>
	<p class="mt-3 text-lead" role="status">{data.isStopped ? texts.stopped : texts.coming}</p>
	<p class="mt-3">{texts.others}</p>
	{#if form?.fault}<p class="mt-4 border-s-4 border-warm px-3 py-1" role="alert">{form.fault.message}</p>{/if}
	<form method="POST" use:enhanceForm class="mt-8 flex flex-wrap gap-3">
		<input type="hidden" name="wish" value={data.isStopped ? 'resume' : 'stop'} />
		<Button look="main">{data.isStopped ? texts.resume : texts.stop}</Button>
		<Button href="/c/{data.token}{data.isAnswered ? '/plan' : ''}">{texts.back}</Button>
	</form>
</main>

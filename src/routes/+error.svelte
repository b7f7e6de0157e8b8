<script lang="ts">
	import { page } from '$app/state';
	import { messagesFor } from '$lib/messages';
	import Button from '$lib/ui/platform/kit/Button.svelte';

	const t = $derived(messagesFor(page.data.locale));
	/** Trying again gives nobody another role: the link leads to the start page of each role. */
	const isDenied = $derived(page.status === 403 && page.url.pathname.startsWith('/desk'));
	const title = $derived(isDenied ? t.faults.noAccess : t.faults.title);
</script>

<svelte:head><title>{title} · {t.product}</title></svelte:head>

<main class="mx-auto max-w-xl px-6 py-20">
	<p class="num text-note text-ink-soft">{page.status}</p>
	<h1 class="mt-1 text-title">{title}</h1>
	<p class="mt-3 text-lead">{page.error?.message}</p>
	{#if page.error?.code === 'endedLeft'}
		<!-- What they gave is theirs to withdraw for as long as it is kept. -->
		<p class="mt-8">
			<Button href="/c/{page.params.token}/withdraw" data-sveltekit-reload>{t.faults.withdrawStill}</Button>
		</p>
	{:else if isDenied}
		<p class="mt-8"><Button href="/desk" data-sveltekit-reload>{t.faults.toStart}</Button></p>
	{:else}
		<p class="mt-8"><Button href={page.url.pathname} data-sveltekit-reload>{t.faults.again}</Button></p>
	{/if}
</main>

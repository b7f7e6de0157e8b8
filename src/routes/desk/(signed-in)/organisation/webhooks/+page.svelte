<script lang="ts">
	import { deskWords } from '$lib/messages/desk';
	import Disclosure from '$lib/ui/platform/kit/Disclosure.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import WebhookCard from '$lib/ui/platform/organisation/WebhookCard.svelte';
	import WebhookForm from '$lib/ui/platform/organisation/WebhookForm.svelte';

	let { data } = $props();

	const { webhooks: texts, back } = deskWords.organisation;
	let told = $state<{ words: string; kind: 'done' | 'caution' } | null>(null);
	const tell = (words: string, kind: 'done' | 'caution' = 'done') => (told = { words, kind });
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="max-w-4xl px-6 py-6">
	<p class="text-note"><a href="/desk/organisation">{back}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	<p class="mt-1 max-w-prose text-note text-ink-soft">{texts.message}</p>
	<div role="status">
		{#if told}<div class="mt-3"><Notice kind={told.kind}>{told.words}</Notice></div>{/if}
	</div>
	{#each data.webhooks as webhook (webhook.id)}
		<WebhookCard {webhook} timeZone={data.timeZone} {tell} />
	{:else}
		<p class="mt-4 font-semibold">{texts.none}</p>
	{/each}
	<div class="mt-5">
		{#key data.webhooks.length}
			<Disclosure words={texts.add} isOpen={data.webhooks.length === 0}>
				<WebhookForm webhook={null} onsaved={() => tell(texts.saved)} />
			</Disclosure>
		{/key}
	</div>
</main>

<script lang="ts">
	import { enhance } from '$app/forms';
	import { messagesFor } from '$lib/messages';
	import MessageList from '$lib/ui/cases/MessageList.svelte';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
</script>

<svelte:head><title>{t.messages.title} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-xl px-5 py-5">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-6 text-title">{t.messages.title}</h1>
	{#if data.hasLeft}<p class="mt-2 border-l-4 border-rule bg-sheet px-3 py-2">{t.messages.left}</p>{/if}
	<p class="mt-2 text-lead">{t.messages.lead}</p>
	{#if data.requests.length > 0}
		<ul class="mt-4 border-t border-rule">
			{#each data.requests as request, i (i)}
				<li class="border-b border-rule py-2">
					{t.open.buy[request.purchase]}: {t.messages.requestStates[request.state]}{request.reason
						? ` (${request.reason})`
						: ''}
				</li>
			{/each}
		</ul>
	{/if}
	<div class="mt-4">
		{#if data.messages.length === 0}<p class="text-ink-soft">{t.messages.none}</p>{/if}
		<MessageList messages={data.messages} personName={t.messages.you} timeZone={data.timeZone} />
	</div>
	<form method="POST" use:enhance class="mt-5 grid gap-2">
		<input type="hidden" name="key" value={data.key} />
		<label for="text" class="font-semibold">{t.messages.write}</label>
		<textarea id="text" class="field min-h-32" name="text" maxlength="4000" required></textarea>
		<p class="text-note text-ink-soft">{t.messages.care}</p>
		<div><button class="btn btn-main">{t.messages.send}</button></div>
		<div role="alert">
			{#if fault}<p class="border-l-4 border-warm bg-warm-wash px-3 py-2">{fault}</p>{/if}
		</div>
	</form>
	{#if !data.hasLeft}
		<p class="mt-6"><a href="/c/{data.token}{data.isAnswered ? '/plan' : ''}">{t.messages.back}</a></p>
	{/if}
</main>

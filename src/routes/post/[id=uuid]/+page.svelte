<script lang="ts">
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { DEFAULT_DATE_LOCALE } from '$lib/messages';
	import { emailButton } from '$lib/messages/emails';

	import { EMAIL_STATE_WORDS } from '../email-states';

	let { data } = $props();

	const moment = new Intl.DateTimeFormat(DEFAULT_DATE_LOCALE, {
		dateStyle: 'long',
		timeStyle: 'short',
		timeZone: 'UTC'
	});
</script>

<svelte:head><title>{data.subject} · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-2xl px-6 py-8">
	<p class="text-note"><a href="/post">All emails</a></p>
	<article class="mt-3 border border-rule bg-sheet p-8" lang={data.queued.language}>
		<dl class="border-b border-rule pb-4 text-note text-ink-soft" lang="en">
			<div>
				<dt class="inline">From:</dt>
				<dd class="inline text-ink">{data.fromName || 'Easy Corner'}</dd>
			</div>
			<div>
				<dt class="inline">To:</dt>
				<dd class="inline text-ink">{data.queued.toName} &lt;{data.queued.toEmail}&gt;</dd>
			</div>
			<div>
				<dt class="inline">Written:</dt>
				<dd class="inline">{moment.format(data.queued.writtenAt)}</dd>
			</div>
			<div>
				<dt class="inline">Status:</dt>
				<dd class="inline" class:text-warm={data.queued.fault !== ''}>
					{EMAIL_STATE_WORDS[data.queued.state]}{data.queued.deliveredAt
						? `, ${moment.format(data.queued.deliveredAt)}`
						: ''}{data.queued.fault ? `: ${data.queued.fault}` : ''}
				</dd>
			</div>
		</dl>
		<h1 class="mt-5 text-head">{data.subject}</h1>
		{#each data.queued.body.split('\n\n') as paragraph, i (i)}<p class="mt-4">{paragraph}</p>{/each}
		{#if data.linkPath}
			<p class="mt-6">
				<Button look="main" size="desk" href={data.linkPath}
					>{emailButton(data.queued.kind, data.queued.language)}</Button
				>
			</p>
			{#if data.frame.belowButton}<p class="mt-2 text-note text-ink-soft">{data.frame.belowButton}</p>{/if}
		{/if}
		{#if data.frame.signature.length > 0}
			<p class="mt-6 whitespace-pre-line">{data.frame.signature.join('\n')}</p>
		{/if}
		<div class="mt-6 border-t border-rule pt-3 text-note text-ink-soft">
			{#each data.frame.notes as note (note)}<p class="mt-1">{note}</p>{/each}
		</div>
	</article>
	<details class="mt-4">
		<summary class="kit-summary">As plain text</summary>
		<pre
			class="mt-2 border border-rule bg-sheet p-4 text-note wrap-anywhere whitespace-pre-wrap">Message-ID: {data.messageId}
Subject: {data.subject}

{data.text}</pre>
	</details>
	<details class="mt-2">
		<summary class="kit-summary">As HTML, as a mail program shows it</summary>
		<iframe
			class="mt-2 h-96 w-full border border-rule"
			title="The email as HTML"
			sandbox=""
			src="/post/{data.queued.id}/html"
		></iframe>
	</details>
</main>

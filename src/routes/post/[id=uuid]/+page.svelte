<script lang="ts">
	import Button from '$lib/ui/kit/Button.svelte';
	import { DEFAULT_DATE_LOCALE } from '$lib/messages';
	import { letterTextsFor } from '$lib/messages/letters';

	import { LETTER_STATES } from '../letter-states';

	let { data } = $props();

	const moment = new Intl.DateTimeFormat(DEFAULT_DATE_LOCALE, {
		dateStyle: 'long',
		timeStyle: 'short',
		timeZone: 'UTC'
	});
</script>

<svelte:head><title>{data.letter.subject} · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-2xl px-6 py-8">
	<p class="text-note"><a href="/post">All letters</a></p>
	<article class="mt-3 border border-rule bg-sheet p-8">
		<dl class="border-b border-rule pb-4 text-note text-ink-soft">
			<div>
				<dt class="inline">To:</dt>
				<dd class="inline text-ink">{data.letter.toName} &lt;{data.letter.toEmail}&gt;</dd>
			</div>
			<div>
				<dt class="inline">Written:</dt>
				<dd class="inline">{moment.format(data.letter.writtenAt)}</dd>
			</div>
			<div>
				<dt class="inline">Now:</dt>
				<dd class="inline" class:text-warm={data.letter.fault !== ''}>
					{LETTER_STATES[data.letter.state]}{data.letter.deliveredAt
						? `, ${moment.format(data.letter.deliveredAt)}`
						: ''}{data.letter.fault ? `: ${data.letter.fault}` : ''}
				</dd>
			</div>
		</dl>
		<h1 class="mt-5 text-head">{data.letter.subject}</h1>
		{#each data.letter.body.split('\n\n') as paragraph, i (i)}<p class="mt-4">{paragraph}</p>{/each}
		{#if data.linkPath}<p class="mt-6">
				<Button look="main" size="desk" href={data.linkPath}>{letterTextsFor().button}</Button>
			</p>{/if}
	</article>
	<details class="mt-4">
		<summary class="kit-summary">As plain text</summary>
		<pre
			class="mt-2 border border-rule bg-sheet p-4 text-note wrap-anywhere whitespace-pre-wrap">Message-ID: {data.messageId}
Subject: {data.letter.subject}

{data.text}</pre>
	</details>
	<details class="mt-2">
		<summary class="kit-summary">As HTML, as a mail program shows it</summary>
		<iframe
			class="mt-2 h-96 w-full border border-rule"
			title="The letter as HTML"
			sandbox=""
			srcdoc={data.html}
		></iframe>
	</details>
</main>

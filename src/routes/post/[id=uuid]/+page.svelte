<script lang="ts">
	import { messagesFor } from '$lib/messages';

	let { data } = $props();

	const t = messagesFor('en');
	const moment = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeStyle: 'short', timeZone: 'UTC' });
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
		</dl>
		<h1 class="mt-5 text-head">{data.letter.subject}</h1>
		{#each data.letter.body.split('\n\n') as paragraph, i (i)}<p class="mt-4">{paragraph}</p>{/each}
		<p class="mt-6"><a class="btn btn-main" href={data.letter.linkPath}>{t.letter.button}</a></p>
	</article>
</main>

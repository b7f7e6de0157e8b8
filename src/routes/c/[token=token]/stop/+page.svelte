<script lang="ts">
	import { PAGES } from '$lib/core/answers';
	import { messagesFor } from '$lib/messages';

	let { data } = $props();

	const t = $derived(messagesFor(data.locale));
</script>

<svelte:head><title>{t.first.stopTitle} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-2xl px-5 py-8 md:py-14">
	<p class="font-title text-body font-semibold">{t.product}</p>
	<div class="mt-6 border-l-8 border-warm bg-warm-wash px-5 py-5">
		<h1 class="text-title text-warm">{t.first.stopTitle}</h1>
		<p class="mt-3">{t.first.stopLead}</p>
		<ul class="mt-1 list-disc pl-5 font-semibold">
			{#each data.signs as sign (sign)}<li>{t.first.signs[sign]}</li>{/each}
		</ul>
	</div>
	<ol class="mt-6 list-decimal space-y-2 pl-5 text-lead">
		{#each t.first.stopDo as line (line)}<li>{line}</li>{/each}
	</ol>
	<p class="mt-6 text-ink-soft">{t.first.stopTold}</p>
	<p class="mt-8 flex flex-wrap gap-3">
		<a class="btn" href="/c/{data.token}/{PAGES[0]}">{t.first.stopSlip}</a>
		<a class="btn" href="/c/{data.token}/{PAGES[1]}">{t.first.stopLater}</a>
	</p>
</main>

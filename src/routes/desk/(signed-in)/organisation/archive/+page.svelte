<script lang="ts">
	import { deskWords } from '$lib/messages/desk';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';

	let { data } = $props();

	const { archive: texts, back } = deskWords.organisation;
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="max-w-3xl px-6 py-6">
	<p class="text-note"><a href="/desk/organisation">{back}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>

	<h2 class="mt-5 text-lead">{texts.hasHeading}</h2>
	<ul class="mt-1 max-w-prose list-disc ps-5">
		{#each texts.has as item (item)}<li>{item}</li>{/each}
	</ul>
	<p class="mt-1 max-w-prose text-note text-ink-soft">{texts.formats}</p>

	<h2 class="mt-5 text-lead">{texts.lacksHeading}</h2>
	<ul class="mt-1 max-w-prose list-disc ps-5">
		{#each texts.lacks as item (item)}<li>{item}</li>{/each}
	</ul>

	<div class="mt-5 max-w-prose">
		<Notice kind="caution">{texts.caution}</Notice>
		{#if data.isAllowed}
			<p class="mt-3">
				<Button look="main" size="desk" href="/desk/organisation/archive/file">{texts.download}</Button>
			</p>
			<p class="mt-1 text-note text-ink-soft">{texts.duration}</p>
		{:else}
			<p class="mt-3">{texts.noRight}</p>
		{/if}
	</div>

	<h2 class="mt-5 text-lead">{texts.loadHeading}</h2>
	<p class="mt-1 max-w-prose">{texts.load}</p>
</main>

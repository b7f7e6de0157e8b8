<script lang="ts">
	import { page } from '$app/state';
	import { deskWords } from '$lib/messages/desk';
	import PersonDocument from '$lib/ui/cases/PersonDocument.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const texts = deskWords.keeping;
</script>

<svelte:head><title>{texts.everythingTitle(data.name)}</title></svelte:head>

<main class="px-6 py-6">
	<p class="no-print mb-4 flex flex-wrap gap-3">
		<Button size="desk" href={page.url.pathname.replace(/\/everything$/, '?part=person')}
			>{texts.backToCase}</Button
		>
		<Button look="main" size="desk" class="needs-js" type="button" onclick={() => window.print()}
			>{texts.print}</Button
		>
		<Button size="desk" href="{page.url.pathname}/data">{texts.download}</Button>
		<Button size="desk" href="{page.url.pathname}/fhir">{texts.fhir.download}</Button>
		<Button size="desk" href="{page.url.pathname}/archive">{texts.archive}</Button>
	</p>
	<PersonDocument {data} timeZone={data.timeZone} unit={data.unit} />
</main>

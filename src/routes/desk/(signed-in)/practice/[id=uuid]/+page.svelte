<script lang="ts">
	import { deskWords } from '$lib/messages/desk';
	import PracticeResult from '$lib/ui/cases/practice/PracticeResult.svelte';
	import PracticeRound from '$lib/ui/cases/practice/PracticeRound.svelte';

	let { data, form } = $props();

	const texts = deskWords.practice;
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="max-w-4xl px-6 py-6">
	<p class="text-note"><a href="/desk/practice">{texts.again}</a></p>
	{#if data.scored}
		<PracticeResult {...data} scored={data.scored} />
	{:else}
		<PracticeRound cases={data.cases} messageTo={data.messageTo} {fault} />
	{/if}
</main>

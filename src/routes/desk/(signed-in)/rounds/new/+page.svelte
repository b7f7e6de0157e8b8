<script lang="ts">
	import RoundForm from '$lib/ui/cases/RoundForm.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.rounds;

	let { data } = $props();
</script>

<svelte:head><title>{texts.newRoundTitle}</title></svelte:head>

<main class="max-w-6xl px-6 py-6">
	<p class="text-note"><a href="/desk/rounds">{texts.heading}</a></p>
	<h1 class="mt-1 text-title">{texts.newRound}</h1>
	<RoundForm
		round={data.round}
		version={null}
		teams={data.teams}
		countries={data.countries}
		organisation={data.organisation}
		reminderDays={data.reminderDays}
		action="/desk/rounds/new"
		words={texts.saveAsDraft}
	/>
</main>

<script lang="ts">
	import RoundForm from '$lib/ui/cases/RoundForm.svelte';

	let { data } = $props();
</script>

<svelte:head><title>New round · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-6xl px-6 py-6">
	<p class="text-note"><a href="/desk/rounds">Rounds</a></p>
	<h1 class="mt-1 text-title">New round</h1>
	<RoundForm
		round={data.round}
		version={null}
		teams={data.teams}
		countries={data.countries}
		action="/desk/rounds/new"
		words="Keep as a draft"
	/>
</main>

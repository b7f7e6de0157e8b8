<script lang="ts">
	import { page } from '$app/state';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import ReferralLetter from '$lib/ui/cases/referrals/ReferralLetter.svelte';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	let { data } = $props();

	const t = deskCatalogue();
</script>

<svelte:head><title>{texts.letterTitle}</title></svelte:head>

<main class="page">
	<p class="no-print mb-6 flex flex-wrap gap-3">
		<Button size="desk" href={page.url.pathname.replace(/\/letter$/, '?part=clinician')}
			>{texts.backToCase}</Button
		>
		<Button look="main" size="desk" class="needs-js" type="button" onclick={() => window.print()}
			>{texts.print}</Button
		>
	</p>
	<ReferralLetter letter={data.letter} letterhead={data.letterhead} today={data.today} {t} unit={data.unit} />
</main>

<style>
	.page {
		padding: 1.5rem;
	}
	@media print {
		.page {
			padding: 0;
		}
	}
</style>

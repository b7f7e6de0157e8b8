<script lang="ts">
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import ReferralLetter from '$lib/ui/cases/referrals/ReferralLetter.svelte';
	import ReferralThread from '$lib/ui/cases/referrals/ReferralThread.svelte';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.referrals;

	let { data } = $props();

	const t = deskCatalogue();
	const { referral } = $derived(data);
</script>

<svelte:head><title>{texts.pageTitle(referral.letter.person.name)}</title></svelte:head>

<main class="page">
	<div class="no-print flex flex-wrap items-center gap-4">
		<p class="text-note">
			{#if referral.personId}<a href="/desk/cases/{referral.personId}?part=clinician">{texts.backToCase}</a
				>{:else}<a href="/desk">{texts.heading}</a>{/if}
		</p>
		<Button size="desk" class="needs-js" type="button" onclick={() => window.print()}>{texts.print}</Button>
	</div>
	<div class="layout">
		<div class="sheet">
			<ReferralLetter
				letter={referral.letter}
				letterhead={data.letterhead}
				today={data.today}
				{t}
				unit={data.unit}
			/>
		</div>
		<section class="no-print">
			<h2 class="border-b border-ink pb-1 text-lead">
				{texts.threadTitle(referral.isClinician)}
			</h2>
			<ReferralThread
				{referral}
				action="/desk/referrals/{referral.id}"
				isClinician={referral.isClinician}
				timeZone={data.timeZone}
			/>
		</section>
	</div>
</main>

<style>
	.page {
		padding: 1rem 1.5rem;
	}
	.layout {
		display: grid;
		gap: 2rem;
		margin-top: 0.75rem;
	}
	.sheet {
		padding: 1.5rem;
		border: 1px solid var(--rule);
		background: var(--sheet);
	}
	@media (min-width: 64rem) {
		.layout {
			grid-template-columns: minmax(0, 1.7fr) minmax(0, 1fr);
			align-items: start;
		}
	}
	@media print {
		.page,
		.sheet {
			padding: 0;
			border: 0;
		}
	}
</style>

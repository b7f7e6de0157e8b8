<script lang="ts">
	import SheetPage from '$lib/ui/cases/day-sheet/SheetPage.svelte';
	import ReferralList from '$lib/ui/cases/referrals/ReferralList.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.daySheet;

	let { data, form } = $props();
</script>

<svelte:head><title>{texts.pageTitle(Boolean(data.sheet))}</title></svelte:head>

{#if data.sheet}
	{@const { today, timeZone, unit } = data}
	<SheetPage data={{ ...data.sheet, today, timeZone, unit }} {form} />
{:else}
	<ReferralList referrals={data.referrals} today={data.today} />
{/if}

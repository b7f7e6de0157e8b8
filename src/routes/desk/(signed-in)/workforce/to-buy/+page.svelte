<script lang="ts">
	import { isPermitted } from '$lib/core/platform/access/permissions';
	import { FIGURE_CODES, firstChoiceCode } from '$lib/core/workforce/codes';
	import { threePartsOf } from '$lib/core/workforce/three-parts';
	import CostTable from '$lib/ui/workforce/CostTable.svelte';
	import PurchaseResultsFigure from '$lib/ui/workforce/PurchaseResultsFigure.svelte';
	import PriceForm from '$lib/ui/workforce/PriceForm.svelte';
	import GroupShares from '$lib/ui/workforce/GroupShares.svelte';
	import ShareFigure from '$lib/ui/workforce/ShareFigure.svelte';
	import { publishedShareOf, groupSizeOf, rowsByCode } from '$lib/ui/workforce/table-rows';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import {
		between,
		formattedNumber,
		peopleCount,
		peopleWords,
		percent
	} from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data, form } = $props();

	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);

	const people = $derived(groupSizeOf(data.table));
	const parts = $derived(threePartsOf(data.table, data.table.at, 'after'));
	const open = $derived(parts?.problem ?? null);
	const closable = $derived(publishedShareOf(data.table, FIGURE_CODES.closable));
	const rows = $derived(rowsByCode(data.table, data.things));
	const purchases = $derived(
		data.things.flatMap((purchase) => {
			const figure = publishedShareOf(data.table, firstChoiceCode(purchase));
			const price = data.prices.find((one) => one.purchase === purchase);
			return figure
				? [{ purchase, people: figure.x, cents: price?.cents ?? null, currency: price?.currency ?? null }]
				: [];
		})
	);
</script>

<svelte:head><title>{texts.toBuyTitle}</title></svelte:head>

<WorkforceFrame {data} title={texts.toBuyHeading}>
	<p class="mt-4 text-lead">
		{#if open}
			<strong>{percent(open.share)}</strong>
			{texts.stillOpen(between(open), peopleWords(open.n))}
			{#if closable}{texts.equipmentHelps(formattedNumber(closable.x))}
			{:else}{texts.equipmentHelpsHidden}{/if}
			{#if parts?.fits && parts.unknown}
				{texts.heightsAfter(percent(parts.fits.share), percent(parts.unknown.share))}
			{/if}
		{:else if people !== null}{texts.openHidden(peopleWords(people))}
		{:else}{texts.tooFewPeople}{/if}
	</p>
	<ShareFigure
		title={texts.helpedBy}
		count={peopleCount(people)}
		of={texts.thing}
		{rows}
		note={texts.toBuyMethod}
	/>
	{#if data.table.at === null}<CostTable {purchases} />{/if}
	{#if data.results}<PurchaseResultsFigure results={data.results} />{/if}
	{#if isPermitted(data.role, 'prices:set')}
		<PriceForm
			things={data.things}
			prices={data.prices}
			currencies={data.currencies}
			{fault}
			isKept={form !== null && 'kept' in form}
		/>
	{/if}
	<GroupShares {data} title={texts.problemRemains} code={FIGURE_CODES.open} />
</WorkforceFrame>

<script lang="ts">
	import { CODES } from '$lib/core/workforce';
	import CostTable from '$lib/ui/workforce/CostTable.svelte';
	import PriceForm from '$lib/ui/workforce/PriceForm.svelte';
	import GroupShares from '$lib/ui/workforce/GroupShares.svelte';
	import ShareFigure from '$lib/ui/workforce/ShareFigure.svelte';
	import { figureOf, peopleOf } from '$lib/ui/workforce/table-rows';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { between, codeWords, number, peopleWords, percent } from '$lib/ui/workforce/words';

	let { data, form } = $props();

	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);

	const people = $derived(peopleOf(data.table));
	const open = $derived(figureOf(data.table, CODES.open));
	const closable = $derived(figureOf(data.table, CODES.closable));
	const rows = $derived(
		data.things
			.map((thing) => ({
				key: thing as string,
				words: codeWords(thing),
				figure: figureOf(data.table, thing)
			}))
			.sort((a, b) => (b.figure?.share ?? -1) - (a.figure?.share ?? -1))
	);
	const purchases = $derived(
		data.things.flatMap((purchase) => {
			const figure = figureOf(data.table, purchase);
			const price = data.prices.find((one) => one.purchase === purchase);
			return figure
				? [{ purchase, people: figure.x, cents: price?.cents ?? null, currency: price?.currency ?? null }]
				: [];
		})
	);
</script>

<svelte:head><title>What to buy · Workforce · Easy Corner</title></svelte:head>

<WorkforceFrame
	view={data.view}
	groups={data.table.groups}
	rounds={data.table.rounds}
	title="What would have to be bought?"
>
	<p class="mt-4 text-lead">
		{#if open}
			For <strong>{percent(open.share)}</strong> of people something stays open that nothing at home closes ({between(
				open
			)}; {peopleWords(open.n)}).
			{#if closable}{number(closable.x)} of them would be helped by something that is sold.{/if}
		{:else if people !== null}{peopleWords(people)}. For how many of them something stays open can’t be shown.
		{:else}Too few people for any figure.{/if}
	</p>
	<ShareFigure
		title="People whom it would help, by what closes most of what is open"
		count={people === null ? '' : `${peopleWords(people)}.`}
		axis="share of people"
		of="Thing"
		{rows}
		note="Worked out anew for each of them with what they have at home. Who needs two things together is counted with both."
	/>
	{#if data.table.at === null}<CostTable {purchases} />{/if}
	{#if data.role === 'coordinator'}
		<PriceForm
			things={data.things}
			prices={data.prices}
			currencies={data.currencies}
			{fault}
			isKept={form !== null && 'kept' in form}
		/>
	{/if}
	<GroupShares title="Something stays open" code={CODES.open} by={data.view.by} table={data.table} />
</WorkforceFrame>

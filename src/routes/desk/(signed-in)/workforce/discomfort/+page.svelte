<script lang="ts">
	import { REGIONS, DISCOMFORT_KINDS } from '$lib/core/discomfort';
	import { CODES } from '$lib/core/workforce';
	import { messagesFor } from '$lib/messages';
	import BodyShares from '$lib/ui/workforce/BodyShares.svelte';
	import PairedFigures from '$lib/ui/workforce/PairedFigures.svelte';
	import GroupShares from '$lib/ui/workforce/GroupShares.svelte';
	import ShareFigure from '$lib/ui/workforce/ShareFigure.svelte';
	import { figureOf, peopleOf } from '$lib/ui/workforce/table-rows';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { peopleHref } from '$lib/ui/workforce/people-href';
	import { between, codeWords, peopleWords, percent } from '$lib/ui/workforce/words';

	let { data } = $props();

	const t = messagesFor();
	const people = $derived(peopleOf(data.table));
	const hurts = $derived(figureOf(data.table, CODES.hurts));
	const regions = $derived(
		REGIONS.map((region) => ({
			key: region as string,
			words: codeWords(region),
			figure: figureOf(data.table, region),
			href: peopleHref(data, { hurts: region })
		})).sort((a, b) => (b.figure?.share ?? -1) - (a.figure?.share ?? -1))
	);
	const SIDES = { left: 'on the left', right: 'on the right', both: 'on both sides' } as const;
	const details = $derived(
		data.table.at !== null
			? []
			: REGIONS.flatMap((region) => [
					...Object.entries(SIDES).map(([side, words]) => ({
						key: `${region}/${side}`,
						words: `${codeWords(region)}, ${words}`
					})),
					...DISCOMFORT_KINDS.map((kind) => ({
						key: `${region}:${kind}`,
						words: `${codeWords(region)}: ${(t.discomfort.kindOptions[kind] ?? '').toLowerCase()}`
					}))
				]).flatMap((row) => {
					const figure = figureOf(data.table, row.key);
					return figure ? [{ ...row, figure }] : [];
				})
	);
	const shares = $derived(Object.fromEntries(regions.map(({ key, figure }) => [key, figure])));
</script>

<svelte:head><title>Discomfort · Workforce · Easy Corner</title></svelte:head>

<WorkforceFrame
	view={data.view}
	groups={data.table.groups}
	rounds={data.table.rounds}
	title="Where does it hurt?"
>
	<p class="mt-4 text-lead">
		{#if hurts}
			<strong>{percent(hurts.share)}</strong> say that something hurts ({between(hurts)}; {peopleWords(
				hurts.n
			)}
			as they last reported).
		{:else if people !== null}{peopleWords(people)}. How many of them hurt can’t be shown.
		{:else}Too few people for any figure.{/if}
		{#if data.paired.all}
			Of those who reported more than once, {percent(data.paired.all.first)} hurt at first and
			{percent(data.paired.all.now)} do now.
		{/if}
	</p>
	<div class="grid items-start gap-x-8 lg:grid-cols-[20rem_minmax(0,1fr)]">
		<div class="mt-8"><BodyShares {shares} /></div>
		<ShareFigure
			title="Share of people, by place"
			count={people === null ? '' : `${peopleWords(people)}.`}
			axis="share of people"
			of="Place"
			rows={regions}
		/>
	</div>
	<GroupShares title="Anything hurts" code={CODES.hurts} by={data.view.by} table={data.table} />
	{#if data.table.at === null}
		{#if data.paired.all}<PairedFigures all={data.paired.all} regions={data.paired.regions} />{/if}
		{#if details.length > 0}
			<ShareFigure
				title="Which side, and what it is like"
				count={people === null ? '' : `${peopleWords(people)}.`}
				axis="share of people"
				of="Place"
				rows={details}
			/>
		{/if}
	{/if}
</WorkforceFrame>

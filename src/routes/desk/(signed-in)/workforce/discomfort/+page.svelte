<script lang="ts">
	import { REGIONS } from '$lib/core/cases/discomfort/regions';
	import { DISCOMFORT_KINDS } from '$lib/core/cases/discomfort/report';
	import { FIGURE_CODES } from '$lib/core/workforce/codes';
	import BodyShares from '$lib/ui/workforce/BodyShares.svelte';
	import PairedFigures from '$lib/ui/workforce/PairedFigures.svelte';
	import GroupShares from '$lib/ui/workforce/GroupShares.svelte';
	import ShareFigure from '$lib/ui/workforce/ShareFigure.svelte';
	import { publishedShareOf, groupSizeOf } from '$lib/ui/workforce/table-rows';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { peopleHref } from '$lib/ui/workforce/people-href';
	import { between, codeWords, peopleWords, percent } from '$lib/messages/desk/workforce-words';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();

	const t = deskCatalogue();
	const people = $derived(groupSizeOf(data.table));
	const hurts = $derived(publishedShareOf(data.table, FIGURE_CODES.hurts));
	const regions = $derived(
		REGIONS.map((region) => ({
			key: region as string,
			words: codeWords(region),
			figure: publishedShareOf(data.table, region),
			href: peopleHref(data, { hurts: region })
		})).sort((a, b) => (b.figure?.share ?? -1) - (a.figure?.share ?? -1))
	);
	const SIDES = { left: texts.onTheLeft, right: texts.onTheRight, both: texts.onBothSides } as const;
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
						words: `${codeWords(region)}: ${t.discomfort.kindOptions[kind] ?? ''}`
					}))
				]).flatMap((row) => {
					const figure = publishedShareOf(data.table, row.key);
					return figure ? [{ ...row, figure }] : [];
				})
	);
	const shares = $derived(Object.fromEntries(regions.map(({ key, figure }) => [key, figure])));
</script>

<svelte:head><title>{texts.discomfortTitle}</title></svelte:head>

<WorkforceFrame
	view={data.view}
	groups={data.table.groups}
	rounds={data.table.rounds}
	title={texts.discomfortHeading}
>
	<p class="mt-4 text-lead">
		{#if hurts}
			<strong>{percent(hurts.share)}</strong>
			{texts.reportDiscomfort(between(hurts), peopleWords(hurts.n))}
		{:else if people !== null}{texts.discomfortHidden(peopleWords(people))}
		{:else}{texts.tooFewPeople}{/if}
		{#if data.paired.all}
			{texts.reportedTwiceShares(percent(data.paired.all.first), percent(data.paired.all.now))}
		{/if}
	</p>
	<div class="grid items-start gap-x-8 lg:grid-cols-[20rem_minmax(0,1fr)]">
		<div class="mt-8"><BodyShares {shares} /></div>
		<ShareFigure
			title={texts.shareByRegion}
			count={people === null ? '' : `${peopleWords(people)}.`}
			axis={texts.shareOfPeople}
			of={texts.bodyRegion}
			rows={regions}
		/>
	</div>
	<GroupShares
		title={texts.anyDiscomfortRow}
		on={data.view.on}
		code={FIGURE_CODES.hurts}
		by={data.view.by}
		table={data.table}
	/>
	{#if data.table.at === null}
		{#if data.paired.all}<PairedFigures all={data.paired.all} regions={data.paired.regions} />{/if}
		{#if details.length > 0}
			<ShareFigure
				title={texts.sideAndType}
				count={people === null ? '' : `${peopleWords(people)}.`}
				axis={texts.shareOfPeople}
				of={texts.bodyRegion}
				rows={details}
			/>
		{/if}
	{/if}
</WorkforceFrame>

<script lang="ts">
	import { REGIONS } from '$lib/core/cases/discomfort/regions';
	import { DISCOMFORT_KINDS } from '$lib/core/cases/discomfort/report';
	import { FIGURE_CODES } from '$lib/core/workforce/codes';
	import BodyShares from '$lib/ui/workforce/BodyShares.svelte';
	import PairedFigures from '$lib/ui/workforce/PairedFigures.svelte';
	import GroupShares from '$lib/ui/workforce/GroupShares.svelte';
	import ShareFigure from '$lib/ui/workforce/ShareFigure.svelte';
	import { publishedShareOf, groupSizeOf, rowsByCode } from '$lib/ui/workforce/table-rows';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { peopleHref } from '$lib/ui/workforce/people-href';
	import { between, codeWords, peopleCount, peopleWords, percent } from '$lib/messages/desk/workforce-words';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();

	const t = deskCatalogue();
	const people = $derived(groupSizeOf(data.table));
	const hurts = $derived(publishedShareOf(data.table, FIGURE_CODES.hurts));
	const regions = $derived(rowsByCode(data.table, REGIONS, (region) => peopleHref(data, { hurts: region })));
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

<WorkforceFrame {data} title={texts.discomfortHeading}>
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
			count={peopleCount(people)}
			of={texts.bodyRegion}
			rows={regions}
		/>
	</div>
	<GroupShares {data} title={texts.anyDiscomfortRow} code={FIGURE_CODES.hurts} />
	{#if data.table.at === null}
		{#if data.paired.all}<PairedFigures all={data.paired.all} regions={data.paired.regions} />{/if}
		{#if details.length > 0}
			<ShareFigure
				title={texts.sideAndType}
				count={peopleCount(people)}
				of={texts.bodyRegion}
				rows={details}
			/>
		{/if}
	{/if}
</WorkforceFrame>

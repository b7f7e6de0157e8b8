<script lang="ts">
	import { page } from '$app/state';
	import type { OverviewPoint } from '$lib/core/workforce/overview';
	import TeamsToVisit from '$lib/ui/workforce/TeamsToVisit.svelte';
	import TrendFigure from '$lib/ui/workforce/TrendFigure.svelte';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { between, money, ofWords, percent } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();

	const days = $derived(data.points.map(({ on }) => on));
	const newest = $derived(data.points.at(-1) ?? null);
	const dearest = $derived(Math.max(1, ...data.points.map(({ openCents }) => (openCents ?? 0) / 100)));
	const moneyWords = (amount: number) =>
		data.currency ? money(100 * amount, data.currency) : String(amount);

	type Figure = OverviewPoint['answered'];

	const said = (figure: Figure | undefined) =>
		figure
			? texts.numberOf({ share: percent(figure.share), interval: between(figure), of: ofWords(figure) })
			: texts.tooFewPeople;
	const shareWords = (figure: Figure | undefined) =>
		figure ? percent(figure.share) : deskWords.effect.hidden;
	const shares = (name: string, of: (point: OverviewPoint) => Figure | undefined) => ({
		name,
		values: data.points.map((point) => of(point)?.share ?? null),
		words: percent
	});
	const heightsSaid = $derived(
		newest?.heights
			? texts.numberOfHeights({
					problem: said(newest.heights.problem),
					unknown: shareWords(newest.heights.unknown),
					fits: shareWords(newest.heights.fits)
				})
			: texts.tooFewPeople
	);
	const openCents = $derived(newest?.openCents ?? null);

	/** The five numbers, each with its year and the page behind it. */
	const figures = $derived([
		{
			title: texts.overviewAnswered,
			count: said(newest?.answered),
			lines: [shares(texts.overviewAnswered, ({ answered }) => answered)],
			to: 'answers',
			linkWords: texts.overviewAnsweredLink
		},
		{
			title: texts.threeParts,
			count: heightsSaid,
			lines: [
				shares(texts.problemPart, ({ heights }) => heights?.problem),
				shares(texts.unknownPart, ({ heights }) => heights?.unknown),
				shares(texts.fitsPart, ({ heights }) => heights?.fits)
			],
			to: 'findings',
			linkWords: texts.overviewHeightsLink
		},
		{
			title: texts.overviewDiscomfort,
			count: said(newest?.hurts),
			lines: [shares(texts.overviewDiscomfort, ({ hurts }) => hurts)],
			to: 'discomfort',
			linkWords: texts.overviewDiscomfortLink
		},
		{
			title: texts.overviewStands,
			count: said(newest?.stands),
			lines: [shares(texts.overviewStands, ({ stands }) => stands)],
			to: 'helps',
			linkWords: texts.overviewStandsLink
		},
		{
			title: texts.overviewMoney,
			count: openCents === null ? texts.noMoney : texts.moneyNow(moneyWords(openCents / 100)),
			lines: [
				{
					name: texts.overviewMoney,
					values: data.points.map(({ openCents: cents }) => (cents === null ? null : cents / 100)),
					words: moneyWords
				}
			],
			top: dearest,
			to: 'to-buy',
			linkWords: texts.overviewMoneyLink
		}
	]);
</script>

<svelte:head><title>{texts.overviewTitle}</title></svelte:head>

<WorkforceFrame {data} title={texts.overview}>
	<TeamsToVisit visit={data.visit} />
	<div class="grid gap-x-10 lg:grid-cols-2">
		{#each figures as { to, ...figure } (to)}
			<div><TrendFigure {...figure} {days} href="/desk/workforce/{to}{page.url.search}" /></div>
		{/each}
	</div>
</WorkforceFrame>

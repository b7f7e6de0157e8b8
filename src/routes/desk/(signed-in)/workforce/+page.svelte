<script lang="ts">
	import { page } from '$app/state';
	import { dayWords } from '$lib/messages/dates';
	import TrendFigure from '$lib/ui/workforce/TrendFigure.svelte';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { between, money, ofWords, percent } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();

	const days = $derived(data.points.map(({ on }) => on));
	const newest = $derived(data.points.at(-1) ?? null);
	const to = (path: string) => `/desk/workforce/${path}${page.url.search}`;
	const dearest = $derived(Math.max(1, ...data.points.map(({ openCents }) => (openCents ?? 0) / 100)));
	const moneyWords = (amount: number) =>
		data.currency ? money(100 * amount, data.currency) : String(amount);
	const said = (
		figure: { share: number; low: number; high: number; x: number; n: number } | null | undefined
	) =>
		figure
			? texts.numberOf({ share: percent(figure.share), interval: between(figure), of: ofWords(figure) })
			: texts.tooFewPeople;
</script>

<svelte:head><title>{texts.overviewTitle}</title></svelte:head>

<WorkforceFrame view={data.view} groups={[]} rounds={{}} dimensions={[]} title={texts.overview}>
	<section class="mt-6">
		<h2 class="text-head">{texts.visitTitle}</h2>
		{#if !data.visit?.isCompared}
			<p class="mt-1">{texts.visitTooFew}</p>
		{:else}
			{#if data.visit.teams.length === 0}
				<p class="mt-1">{texts.visitNone}</p>
			{:else}
				<ul class="mt-1">
					{#each data.visit.teams as { team, signal, figure, all } (`${team} ${signal}`)}
						<li>
							{texts.visitLines[signal]({
								team: team || deskWords.effect.noTeam,
								share: percent(figure.share),
								all: percent(all.share)
							})}
						</li>
					{/each}
				</ul>
			{/if}
			<p class="text-note text-ink-soft">{texts.visitDay(dayWords(data.visit.on))}</p>
		{/if}
	</section>
	<div class="grid gap-x-10 lg:grid-cols-2">
		<div>
			<TrendFigure
				title={texts.overviewAnswered}
				count={said(newest?.answered)}
				{days}
				lines={[
					{
						name: texts.overviewAnswered,
						values: data.points.map(({ answered }) => answered?.share ?? null),
						words: percent
					}
				]}
				href={to('answers')}
				linkWords={texts.overviewAnsweredLink}
			/>
		</div>
		<div>
			<TrendFigure
				title={texts.threeParts}
				count={newest?.heights
					? texts.numberOfHeights({
							problem: said(newest.heights.problem),
							unknown: newest.heights.unknown
								? percent(newest.heights.unknown.share)
								: deskWords.effect.hidden,
							fits: newest.heights.fits ? percent(newest.heights.fits.share) : deskWords.effect.hidden
						})
					: texts.tooFewPeople}
				{days}
				lines={[
					{
						name: texts.problemPart,
						values: data.points.map(({ heights }) => heights?.problem.share ?? null),
						words: percent
					},
					{
						name: texts.unknownPart,
						values: data.points.map(({ heights }) => heights?.unknown?.share ?? null),
						words: percent
					},
					{
						name: texts.fitsPart,
						values: data.points.map(({ heights }) => heights?.fits?.share ?? null),
						words: percent
					}
				]}
				href={to('findings')}
				linkWords={texts.overviewHeightsLink}
			/>
		</div>
		<div>
			<TrendFigure
				title={texts.overviewDiscomfort}
				count={said(newest?.hurts)}
				{days}
				lines={[
					{
						name: texts.overviewDiscomfort,
						values: data.points.map(({ hurts }) => hurts?.share ?? null),
						words: percent
					}
				]}
				href={to('discomfort')}
				linkWords={texts.overviewDiscomfortLink}
			/>
		</div>
		<div>
			<TrendFigure
				title={texts.overviewStands}
				count={said(newest?.stands)}
				{days}
				lines={[
					{
						name: texts.overviewStands,
						values: data.points.map(({ stands }) => stands?.share ?? null),
						words: percent
					}
				]}
				href={to('helps')}
				linkWords={texts.overviewStandsLink}
			/>
		</div>
		<div>
			<TrendFigure
				title={texts.overviewMoney}
				count={newest?.openCents !== null && newest?.openCents !== undefined
					? texts.moneyNow(moneyWords(newest.openCents / 100))
					: texts.noMoney}
				{days}
				lines={[
					{
						name: texts.overviewMoney,
						values: data.points.map(({ openCents }) => (openCents === null ? null : openCents / 100)),
						words: moneyWords
					}
				]}
				top={dearest}
				href={to('to-buy')}
				linkWords={texts.overviewMoneyLink}
			/>
		</div>
	</div>
</WorkforceFrame>

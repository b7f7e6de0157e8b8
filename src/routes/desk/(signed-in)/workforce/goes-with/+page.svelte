<script lang="ts">
	import EstimateFigure from '$lib/ui/workforce/EstimateFigure.svelte';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { pValueText, codeWords, peopleWords, percent } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();

	/** How many of the comparisons are shown: the most certain ones. */
	const MOST_ROWS = 15;
	const SURE = 0.05;

	const ratio = (value: number) => value.toFixed(1);
	const pairWords = ({ finding, region }: { finding: string; region: string }) =>
		`${codeWords(finding)} · ${codeWords(region).toLowerCase()}`;
	const shown = $derived(data.found.slice(0, MOST_ROWS));
	const sure = $derived(data.found.filter(({ p }) => p < SURE));
	const [first] = $derived(sure);
</script>

<svelte:head><title>{texts.whatGoesWithWhatTitle}</title></svelte:head>

<WorkforceFrame
	view={data.view}
	groups={[]}
	rounds={{}}
	dimensions={[]}
	title={texts.whatGoesWithWhatQuestion}
>
	<p class="mt-4 text-lead">
		{#if first}
			{texts.onePairGoesPairs({
				sure: sure.length,
				finding: codeWords(first.finding),
				shareWith: percent(first.shareWith),
				region: codeWords(first.region).toLowerCase(),
				shareWithout: percent(first.shareWithout)
			})}
		{:else if data.looked > 0}{texts.noFindingGoesWith}
		{:else}{texts.tooFewPeopleHave}{/if}
	</p>
	<p class="mt-2 max-w-3xl text-note text-ink-soft">
		{texts.goingTogetherIsNot(data.looked)}
	</p>
	<EstimateFigure
		title={texts.howManyTimesAs}
		count={texts.leftOfTheLine(peopleWords(data.n))}
		axis={{ title: texts.timesAsOften, lineAt: 1, isRatio: true }}
		heads={[
			texts.findingAndComplaint,
			texts.withIt,
			texts.without,
			texts.timesAsOftenHead,
			'95 % interval',
			texts.chanceAdjusted
		]}
		rows={shown.map(({ shareWith, shareWithout, ratio: value, low, high, p, ...pair }) => ({
			key: `${pair.finding} ${pair.region}`,
			words: pairWords(pair),
			drawn: { value, low, high },
			cells: [
				percent(shareWith),
				percent(shareWithout),
				ratio(value),
				`${ratio(low)} to ${ratio(high)}`,
				pValueText(p)
			]
		}))}
	/>
</WorkforceFrame>

<script lang="ts">
	import EstimateFigure from '$lib/ui/workforce/EstimateFigure.svelte';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import {
		pValueText,
		codeWords,
		peopleWords,
		percent,
		decimalNumber
	} from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();

	/** How many of the comparisons are shown: the most certain ones. */
	const MOST_ROWS = 15;
	const SURE = 0.05;

	const ratio = (value: number) => decimalNumber(value, 1);
	const pairWords = ({ finding, region }: { finding: string; region: string }) =>
		`${codeWords(finding)} · ${codeWords(region)}`;
	const shown = $derived(data.found.slice(0, MOST_ROWS));
	const sure = $derived(data.found.filter(({ p }) => p < SURE));
	const [first] = $derived(sure);
</script>

<svelte:head><title>{texts.linksTitle}</title></svelte:head>

<WorkforceFrame {data} title={texts.linksHeading}>
	<p class="mt-4 text-lead">
		{#if first}
			{texts.clearLinks({
				sure: sure.length,
				finding: codeWords(first.finding),
				shareWith: percent(first.shareWith),
				region: codeWords(first.region),
				shareWithout: percent(first.shareWithout)
			})}
		{:else if data.looked > 0}{texts.noClearLink}
		{:else}{texts.tooFewForLinks}{/if}
	</p>
	<p class="mt-2 max-w-3xl text-note text-ink-soft">
		{texts.linkNotCause(data.looked)}
	</p>
	<EstimateFigure
		title={texts.howMuchMoreOften}
		count={texts.ratioAxis(peopleWords(data.n))}
		axis={{ title: texts.timesAsOften, lineAt: 1, isRatio: true }}
		heads={[
			texts.problemAndDiscomfort,
			texts.withProblem,
			texts.withoutProblem,
			texts.timesAsOftenHead,
			'95 % interval',
			texts.adjustedPValue
		]}
		rows={shown.map(({ shareWith, shareWithout, ratio: value, low, high, p, ...pair }) => ({
			key: `${pair.finding} ${pair.region}`,
			words: pairWords(pair),
			drawn: { value, low, high },
			cells: [
				percent(shareWith),
				percent(shareWithout),
				ratio(value),
				deskWords.effect.interval(ratio(low), ratio(high)),
				pValueText(p)
			]
		}))}
	/>
</WorkforceFrame>

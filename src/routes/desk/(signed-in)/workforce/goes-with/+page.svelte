<script lang="ts">
	import EstimateFigure from '$lib/ui/workforce/EstimateFigure.svelte';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { chance, codeWords, peopleWords, percent } from '$lib/ui/workforce/words';

	let { data } = $props();

	/** What is shown of many looks: the surest. */
	const MOST_ROWS = 15;
	const SURE = 0.05;

	const ratio = (value: number) => value.toFixed(1);
	const pairWords = ({ finding, region }: { finding: string; region: string }) =>
		`${codeWords(finding)} · ${codeWords(region).toLowerCase()}`;
	const shown = $derived(data.found.slice(0, MOST_ROWS));
	const sure = $derived(data.found.filter(({ p }) => p < SURE));
	const [first] = $derived(sure);
</script>

<svelte:head><title>What goes with what · Workforce · Easy Corner</title></svelte:head>

<WorkforceFrame view={data.view} groups={[]} rounds={{}} dimensions={[]} title="What goes with what?">
	<p class="mt-4 text-lead">
		{#if first}
			{sure.length === 1 ? 'One pair goes' : `${sure.length} pairs go`} together more, or less, than chance would
			let them. The surest: of people with “{codeWords(first.finding)}” {percent(first.shareWith)} report discomfort
			({codeWords(first.region).toLowerCase()}), of the others {percent(first.shareWithout)}.
		{:else if data.looked > 0}No finding goes with a complaint more than chance would let it.
		{:else}Too few people have a finding and a complaint for any figure.{/if}
	</p>
	<p class="mt-2 max-w-3xl text-note text-ink-soft">
		Going together is not causing: what hurts also decides what is asked and seen, and both may come of
		something else. {data.looked} pairs with enough people were looked at; their probabilities are adjusted for
		that.
	</p>
	<EstimateFigure
		title="How many times as often it hurts with the finding as without"
		count="{peopleWords(data.n)}. Left of the line less often, right of it more often."
		axis={{ title: 'times as often', lineAt: 1, isRatio: true }}
		heads={[
			'Finding and complaint',
			'With it',
			'Without',
			'Times as often',
			'95 % interval',
			'Chance, adjusted'
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
				chance(p)
			]
		}))}
	/>
</WorkforceFrame>

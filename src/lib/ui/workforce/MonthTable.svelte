<script lang="ts">
	import type { OverviewPoint } from '$lib/core/workforce';
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import { money, percent } from '$lib/messages/desk/workforce-words';

	const texts = deskWords.workforce;

	interface Props {
		/** Month ends, oldest first. */
		points: readonly OverviewPoint[];
		currency: string | null;
	}

	let { points, currency }: Props = $props();

	const shareWords = (figure: { readonly share: number } | null | undefined) =>
		figure ? percent(figure.share) : deskWords.effect.hidden;
	const amountWords = (cents: number | null) =>
		cents === null || currency === null ? deskWords.effect.hidden : money(cents, currency);
	const heads = $derived([
		texts.monthHeads.answered,
		texts.monthHeads.problem,
		texts.monthHeads.hurts,
		texts.monthHeads.stands,
		texts.monthHeads.money
	]);
</script>

<table class="months">
	<thead>
		<tr>
			<th scope="col">{texts.monthEnd}</th>
			{#each heads as head (head)}<th scope="col" class="number">{head}</th>{/each}
		</tr>
	</thead>
	<tbody>
		{#each points as { on, answered, heights, hurts, stands, openCents } (on)}
			<tr>
				<th scope="row">{dayWords(on)}</th>
				<td class="number">{shareWords(answered)}</td>
				<td class="number">{shareWords(heights?.problem)}</td>
				<td class="number">{shareWords(hurts)}</td>
				<td class="number">{shareWords(stands)}</td>
				<td class="number">{amountWords(openCents)}</td>
			</tr>
		{/each}
	</tbody>
</table>

<style>
	.months {
		width: 100%;
		margin-top: 0.4rem;
		border-collapse: collapse;
		font-size: var(--text-note);
	}
	th,
	td {
		padding: 0.15rem 0.5rem 0.15rem 0;
		border-bottom: 1px solid var(--rule);
		text-align: start;
		vertical-align: bottom;
	}
	th[scope='row'] {
		font-weight: 400;
		white-space: nowrap;
	}
	.number {
		text-align: end;
		font-variant-numeric: tabular-nums;
	}
	tr {
		break-inside: avoid;
	}
</style>

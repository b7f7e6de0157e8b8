<script lang="ts">
	import Select from '../../platform/kit/Select.svelte';
	import { goto } from '$app/navigation';
	import { deskWords } from '$lib/messages/desk';
	import { decimalNumber } from '$lib/messages/desk/workforce-words';

	const texts = deskWords.rounds;

	interface Figures {
		readonly people: number;
		readonly answered: number;
		readonly late: number;
		readonly medianDays: number | null;
		readonly withOff: number;
		readonly sore: number;
	}

	interface Props {
		name: string;
		figures: Figures | null;
		compared: { readonly id: string; readonly figures: Figures } | null;
		/** Both rounds for the people who answered both. */
		same: {
			readonly people: number;
			readonly withOff: readonly [number, number];
			readonly sore: readonly [number, number];
		} | null;
		earlier: readonly { readonly id: string; readonly name: string }[];
	}

	let { name: roundName, figures, compared, same, earlier }: Props = $props();

	const share = (n: number, of: number) => (of === 0 ? '' : `${Math.round((100 * n) / of)}%`);
	const rows = $derived.by(() => {
		if (!figures) return [];
		const of = (f: typeof figures) => [
			String(f.people),
			`${f.answered} (${share(f.answered, f.people)})`,
			String(f.late),
			f.medianDays === null ? '' : decimalNumber(f.medianDays, 1),
			`${f.withOff} (${share(f.withOff, f.answered)})`,
			`${f.sore} (${share(f.sore, f.answered)})`
		];
		const names = [
			texts.people,
			texts.answered,
			texts.answeredAfterClosing,
			texts.medianDays,
			texts.withHeightProblem,
			texts.withDiscomfort
		];
		const [mine, theirs] = [of(figures), compared ? of(compared.figures) : []];
		return names.map((name, i) => ({ name, mine: mine[i] ?? '', theirs: theirs[i] ?? '' }));
	});
</script>

<section>
	<h2 class="border-b border-ink pb-1.5 text-lead">{texts.results}</h2>
	<table class="w-full text-note">
		<thead>
			<tr class="text-start">
				<td></td>
				<th class="py-1.5 pe-3" scope="col">{roundName}</th>
				{#if compared}
					<th class="py-1.5" scope="col">
						<Select
							name="with"
							label={texts.compareWith}
							isLabelHidden
							size="desk"
							value={compared.id}
							options={earlier.map((other) => ({ value: other.id, words: other.name }))}
							onchange={(id) => void goto(`?with=${id}`, { noScroll: true, keepFocus: true })}
						/>
					</th>
				{/if}
			</tr>
		</thead>
		<tbody>
			{#each rows as row (row.name)}
				<tr class="border-t border-rule">
					<th class="py-1.5 pe-3 text-start font-normal" scope="row">{row.name}</th>
					<td class="num py-1.5 pe-3">{row.mine}</td>
					{#if compared}<td class="num py-1.5">{row.theirs}</td>{/if}
				</tr>
			{/each}
			{#if same && compared && same.people > 0}
				<tr class="border-t-[1.5px] border-ink">
					<th class="py-1.5 pe-3 text-start" scope="rowgroup" colspan="3"
						>{texts.answeredBoth(same.people)}</th
					>
				</tr>
				{#each [{ words: texts.withHeightProblem, pair: same.withOff }, { words: texts.withDiscomfort, pair: same.sore }] as { words, pair } (words)}
					<tr class="border-t border-rule">
						<th class="py-1.5 pe-3 text-start font-normal" scope="row">{words}</th>
						<td class="num py-1.5 pe-3">{pair[0]} ({share(pair[0], same.people)})</td>
						<td class="num py-1.5">{pair[1]} ({share(pair[1], same.people)})</td>
					</tr>
				{/each}
			{/if}
		</tbody>
	</table>
</section>

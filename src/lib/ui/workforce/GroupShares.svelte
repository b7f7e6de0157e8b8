<script lang="ts">
	import type { Grouping } from '$lib/core/workforce/codes';
	import type { FigureView } from '$lib/core/workforce/view';
	import { dayWords } from '$lib/messages/dates';
	import ShareFigure from './ShareFigure.svelte';
	import { rowsByGroup, type FigureRows } from './table-rows';
	import { peopleCount } from '$lib/messages/desk/workforce-words';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	interface Props {
		/** What is shown for each group, before "by team". */
		title: string;
		code: string;
		data: {
			readonly view: FigureView;
			readonly dimensions: readonly Grouping[];
			readonly table: FigureRows;
		};
		axis?: string;
		/** What the people have in common, after their number. */
		were?: string;
	}

	let { title, code, data, axis, were = '' }: Props = $props();

	const { table } = $derived(data);
	const { on } = $derived(data.view);
	const by = $derived(data.dimensions.find((name) => name === data.view.by) ?? null);

	const rows = $derived(by ? rowsByGroup(table, by, code) : []);
	/** Which groups differ from the others by more than chance explains; empty where too few are shown to compare any. */
	const differing = $derived.by(() => {
		if (rows.every(({ compared }) => compared === null)) return '';
		const named = (way: 'lower' | 'higher') =>
			rows.filter(({ compared }) => compared?.differs === way).map(({ words }) => words);
		const { and } = deskCatalogue().lists;
		const [lower, higher] = [named('lower'), named('higher')];
		const said = [
			...(lower.length > 0 ? [texts.differsLower(and(lower))] : []),
			...(higher.length > 0 ? [texts.differsHigher(and(higher))] : [])
		];
		return texts.differsMethod(said.length > 0 ? said.join(' ') : texts.differsNone);
	});
	/** Groups whose figures are of an earlier day, since too few people in them have changed. */
	const waiting = $derived(
		rows
			.filter(({ figure, renewedOn }) => figure !== null && renewedOn !== null && renewedOn < on)
			.map(({ words, renewedOn }) => texts.ofDay(words, dayWords(renewedOn ?? on)))
	);
	const note = $derived(
		[differing, ...(waiting.length > 0 ? [texts.waitingGroups(waiting.join(', '))] : [])].join(' ')
	);
</script>

<!-- Where one group is chosen, the page is about that group. -->
{#if by && table.at === null}
	<ShareFigure
		title={texts.titleBy(title, deskWords.effect.groupings[by])}
		count={peopleCount(table.people.all, were)}
		{note}
		{axis}
		of={deskWords.effect.groupings[by]}
		{rows}
	/>
{/if}

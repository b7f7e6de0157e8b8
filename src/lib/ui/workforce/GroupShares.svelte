<script lang="ts">
	import type { Grouping } from '$lib/core/workforce';
	import ShareFigure from './ShareFigure.svelte';
	import { rowsByGroup, type FigureRows } from './table-rows';
	import { peopleWords } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	interface Props {
		/** What is shown for each group, before "by team". */
		title: string;
		code: string;
		by: Grouping | null;
		table: FigureRows;
		axis?: string;
		/** What the people have in common, after their number. */
		were?: string;
	}

	let { title, code, by, table, axis = texts.shareOfPeople, were = '' }: Props = $props();
</script>

<!-- Where one group is chosen, the page is about that group. -->
{#if by && table.at === null}
	<ShareFigure
		title={texts.titleBy(title, deskWords.effect.groupings[by])}
		count={table.people.all === null ? '' : `${peopleWords(table.people.all)}${were}.`}
		{axis}
		of={deskWords.effect.groupings[by]}
		rows={rowsByGroup(table, by, code)}
	/>
{/if}

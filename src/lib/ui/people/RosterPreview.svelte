<script lang="ts">
	import { ROSTER_FIELDS, type RosterField } from '$lib/core/exchange';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	interface Props {
		people: readonly Readonly<Record<RosterField, string>>[];
		/** Number of the first row as a spreadsheet shows it. */
		firstRow: number;
	}

	let { people, firstRow }: Props = $props();
</script>

<!-- A table that scrolls sideways must be reachable by keyboard (WCAG 2.1.1). -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="overflow-x-auto" role="region" aria-label={texts.firstRows} tabindex="0">
	<table class="mt-2 w-full text-note">
		<thead>
			<tr class="border-b-[1.5px] border-ink text-start">
				<th class="py-1 pe-3">{texts.row}</th>
				{#each ROSTER_FIELDS as field (field)}<th class="py-1 pe-3">{deskWords.roster.fields[field]}</th
					>{/each}
			</tr>
		</thead>
		<tbody>
			{#each people as person, i (i)}
				<tr class="border-b border-rule">
					<td class="num py-1 pe-3">{i + firstRow}</td>
					{#each ROSTER_FIELDS as field (field)}<td class="py-1 pe-3">{person[field]}</td>{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>

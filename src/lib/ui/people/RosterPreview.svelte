<script lang="ts">
	import { ROSTER_COLUMNS, type RosterPerson } from '$lib/core/people/exchange/roster-fields';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	interface Props {
		people: readonly RosterPerson[];
	}

	let { people }: Props = $props();
</script>

<!-- A table that scrolls sideways must be reachable by keyboard (WCAG 2.1.1). -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="overflow-x-auto" role="region" aria-label={texts.firstRows} tabindex="0">
	<table class="mt-2 w-full text-note">
		<thead>
			<tr class="border-b-[1.5px] border-ink text-start">
				{#each ROSTER_COLUMNS as field (field)}<th class="py-1 pe-3">{deskWords.roster.fields[field]}</th
					>{/each}
			</tr>
		</thead>
		<tbody>
			{#each people as person, i (i)}
				<tr class="border-b border-rule">
					{#each ROSTER_COLUMNS as field (field)}<td class="py-1 pe-3">{person[field]}</td>{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>

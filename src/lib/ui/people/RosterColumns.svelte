<script lang="ts">
	import { ROSTER_COLUMNS, type ColumnMap, type RosterColumn } from '$lib/core/people/exchange/roster-fields';
	import Select from '../platform/kit/Select.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	interface Props {
		headings: readonly string[];
		columns: ColumnMap;
		choose: (columns: ColumnMap) => void;
	}

	let { headings, columns, choose }: Props = $props();

	const needed: readonly RosterColumn[] = ['name', 'email'];
	const options = $derived([
		{ value: '', words: texts.notInFile },
		...headings.map((heading, i) => ({ value: String(i), words: heading || texts.column(i + 1) }))
	]);

	/** Sets a column at a position of a field; an empty one removes it and those after it. */
	function put(field: RosterColumn, at: number, value: string) {
		const kept = columns[field].slice(0, at);
		choose({ ...columns, [field]: value === '' ? kept : [...kept, Number(value)] });
	}
</script>

<div class="mt-2 grid gap-3 sm:grid-cols-3 lg:grid-cols-5">
	{#each ROSTER_COLUMNS as field (field)}
		<Select
			name="column-{field}"
			label={texts.required(deskWords.roster.fields[field], Boolean(needed.includes(field)))}
			size="desk"
			value={String(columns[field][0] ?? '')}
			{options}
			onchange={(value) => put(field, 0, value)}
		/>
		{#if field === 'name' && columns.name.length > 0}
			<Select
				name="column-name-2"
				label={texts.combinedWith}
				size="desk"
				value={String(columns.name[1] ?? '')}
				options={[{ value: '', words: texts.noSecondColumn }, ...options.slice(1)]}
				onchange={(value) => put('name', 1, value)}
			/>
		{/if}
	{/each}
</div>

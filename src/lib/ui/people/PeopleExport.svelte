<script lang="ts">
	import {
		EXPORT_COLUMNS,
		DEFAULT_EXPORT_COLUMNS,
		type ExportColumn
	} from '$lib/core/people/exchange/export-columns';
	import { ROSTER_FIELDS, type RosterField } from '$lib/core/people/exchange/roster-fields';
	import Button from '../platform/kit/Button.svelte';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import Popover from '../platform/kit/Popover.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	/** The URL query of the list. */
	let { query }: { query: string } = $props();

	const narrowed = $derived([...new URLSearchParams(query)]);
	const isField = (column: ExportColumn): column is ExportColumn & RosterField =>
		ROSTER_FIELDS.some((field) => field === column);
	const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
	const words = (column: ExportColumn) =>
		isField(column) ? deskWords.roster.fields[column] : capital(column);
</script>

<Popover words={texts.exportMenu}>
	<form method="GET" action="/desk/people/export" data-sveltekit-reload>
		{#each narrowed as [name, value], i (i)}<input type="hidden" {name} {value} />{/each}
		<fieldset>
			<legend class="text-note font-semibold">{texts.exportHint}</legend>
			<div class="kit-check-grid">
				{#each EXPORT_COLUMNS as column (column)}
					<CheckBox
						name="column"
						value={column}
						words={words(column)}
						size="desk"
						isChecked={DEFAULT_EXPORT_COLUMNS.includes(column)}
					/>
				{/each}
			</div>
		</fieldset>
		<div class="mt-2 flex flex-wrap items-center gap-3">
			<Button look="main" size="desk">{texts.downloadCsv}</Button>
			<p class="text-note text-ink-soft">{texts.csvHint}</p>
		</div>
		<p class="mt-3 border-t border-rule pt-2">
			<Button size="desk" formaction="/desk/people/export/fhir">{deskWords.keeping.fhir.list}</Button>
			<span class="mt-1 block text-note text-ink-soft">{deskWords.keeping.fhir.listHint}</span>
		</p>
	</form>
</Popover>

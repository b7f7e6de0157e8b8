<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import { PEOPLE_COLUMNS, type PeopleColumn } from '$lib/core/people';
	import Button from '../platform/kit/Button.svelte';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import Popover from '../platform/kit/Popover.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	interface Props {
		columns: readonly PeopleColumn[];
		/** The URL query of the list. */
		query: string;
	}

	let { columns, query }: Props = $props();

	let isOpen = $state(false);
</script>

<Popover words={texts.columnsMenu} bind:isOpen>
	<form
		method="POST"
		action="?/columns&{query}"
		use:enhanceForm={() =>
			async ({ update }) => {
				await update({ reset: false });
				isOpen = false;
			}}
	>
		<fieldset>
			<legend class="text-note font-semibold">{texts.columnsHere}</legend>
			<div class="kit-check-grid">
				{#each PEOPLE_COLUMNS as column (column)}
					<CheckBox
						name={column}
						value="yes"
						words={deskWords.columns.names[column]}
						size="desk"
						isChecked={columns.includes(column)}
					/>
				{/each}
			</div>
		</fieldset>
		<p class="mt-2"><Button look="main" size="desk">{texts.saveColumns}</Button></p>
	</form>
</Popover>

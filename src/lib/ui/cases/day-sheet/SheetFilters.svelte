<script lang="ts">
	import { countryWords } from '$lib/messages/reader-formats';
	import Button from '../../platform/kit/Button.svelte';
	import FilterForm from '../../platform/kit/FilterForm.svelte';
	import Select from '../../platform/kit/Select.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.daySheet;

	interface Props {
		filter: {
			readonly team: string;
			readonly country: string;
			readonly whose: string;
			readonly only: string;
		};
		teams: readonly string[];
		countries: readonly string[];
		isNarrowed: boolean;
	}

	let { filter, teams, countries, isNarrowed }: Props = $props();

	const WHOSE = [
		{ value: '', words: texts.ofEveryone },
		{ value: 'mine', words: texts.assignedToMe },
		{ value: 'nobodys', words: texts.unassigned }
	];
	const ONLY = [
		{ value: '', words: texts.allOpen },
		{ value: 'overdue', words: texts.overdue },
		{ value: 'message', words: texts.withMessage },
		{ value: 'written', words: texts.messagedToday }
	];
	const lists = $derived([
		{ name: 'whose', label: texts.assignedTo, value: filter.whose, options: WHOSE },
		{
			name: 'team',
			label: texts.team,
			value: filter.team,
			options: [{ value: '', words: texts.allTeams }, ...teams.map((value) => ({ value, words: value }))]
		},
		...(countries.length > 1
			? [
					{
						name: 'country',
						label: texts.country,
						value: filter.country,
						options: [
							{ value: '', words: texts.allCountries },
							...countries.map((value) => ({ value, words: countryWords(value) }))
						]
					}
				]
			: []),
		{ name: 'only', label: texts.which, value: filter.only, options: ONLY }
	]);
</script>

<FilterForm label={texts.show}>
	{#snippet fields(ask)}
		{#each lists as field (field.name)}
			<Select {...field} isLabelHidden size="desk" onchange={() => ask(field.name)} />
		{/each}
	{/snippet}
	{#snippet more()}
		{#if isNarrowed}<Button look="quiet" size="desk" href="/desk">{texts.showAll}</Button>{/if}
	{/snippet}
</FilterForm>

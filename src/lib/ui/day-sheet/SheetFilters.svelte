<script lang="ts">
	import { USUAL_LOCALE } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import FilterForm from '../kit/FilterForm.svelte';
	import Select from '../kit/Select.svelte';

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

	const country = new Intl.DisplayNames(USUAL_LOCALE, { type: 'region' });
	const WHOSE = [
		{ value: '', words: 'Everybody’s' },
		{ value: 'mine', words: 'Mine' },
		{ value: 'nobodys', words: 'Nobody’s' }
	];
	const ONLY = [
		{ value: '', words: 'All open' },
		{ value: 'overdue', words: 'Overdue' },
		{ value: 'message', words: 'With a message' },
		{ value: 'written', words: 'Written to today' }
	];
	const lists = $derived([
		{ name: 'whose', label: 'Whose', value: filter.whose, options: WHOSE },
		{
			name: 'team',
			label: 'Team',
			value: filter.team,
			options: [{ value: '', words: 'All teams' }, ...teams.map((value) => ({ value, words: value }))]
		},
		...(countries.length > 1
			? [
					{
						name: 'country',
						label: 'Country',
						value: filter.country,
						options: [
							{ value: '', words: 'All countries' },
							...countries.map((value) => ({ value, words: country.of(value) ?? value }))
						]
					}
				]
			: []),
		{ name: 'only', label: 'Which', value: filter.only, options: ONLY }
	]);
</script>

<FilterForm label="Show">
	{#snippet fields(ask)}
		{#each lists as field (field.name)}
			<Select {...field} isLabelHidden size="desk" onchange={() => ask(field.name)} />
		{/each}
	{/snippet}
	{#snippet more()}
		{#if isNarrowed}<Button look="quiet" size="desk" href="/desk">Show all</Button>{/if}
	{/snippet}
</FilterForm>

<script lang="ts">
	import { REQUEST_STATES, type EquipmentItem, type RequestState } from '$lib/core/plan/equipment';
	import FilterForm from '../../platform/kit/FilterForm.svelte';
	import Select from '../../platform/kit/Select.svelte';
	import { deskWords } from '$lib/messages/desk';
	import { itemWords } from '$lib/messages/desk/workforce-words';

	const texts = deskWords.equipment;

	interface Props {
		filter: { readonly state: string; readonly purchase: string; readonly team: string };
		counts: Readonly<Record<RequestState, number>>;
		underWay: number;
		teams: readonly string[];
		/** Every item of the catalogue. */
		items: readonly EquipmentItem[];
	}

	let { filter, counts, underWay, teams, items }: Props = $props();

	const lists = $derived([
		{
			name: 'state',
			label: texts.status,
			value: filter.state,
			options: [
				{ value: '', words: texts.inProgress(underWay) },
				...REQUEST_STATES.map((value) => ({
					value,
					words: `${deskWords.requests.states[value]} (${counts[value]})`
				}))
			]
		},
		{
			name: 'purchase',
			label: texts.thing,
			value: filter.purchase,
			options: [
				{ value: '', words: texts.allEquipment },
				...items.map((value) => ({ value, words: itemWords(value) }))
			]
		},
		{
			name: 'team',
			label: texts.team,
			value: filter.team,
			options: [{ value: '', words: texts.allTeams }, ...teams.map((value) => ({ value, words: value }))]
		}
	]);
</script>

<div class="mt-3">
	<FilterForm label={texts.show}>
		{#snippet fields(ask)}
			{#each lists as list (list.name)}
				<Select {...list} size="desk" onchange={() => ask(list.name)} />
			{/each}
		{/snippet}
	</FilterForm>
</div>

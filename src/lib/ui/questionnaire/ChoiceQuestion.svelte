<script lang="ts">
	import {
		CHOICE_FIELDS,
		chosenOption,
		SCREEN_SIZES,
		type ChoiceFieldName
	} from '$lib/core/questionnaire/answers/fields';
	import { DRAWING_STYLES } from '$lib/core/workstation/side-view/drawing-style';
	import type { Catalogue } from '$lib/messages/shapes';
	import ChoiceRows from '../platform/kit/ChoiceRows.svelte';
	import Combobox from '../platform/kit/Combobox.svelte';
	import BackTest from './BackTest.svelte';
	import type { Draft } from './draft.svelte';

	interface Props {
		name: ChoiceFieldName;
		draft: Draft;
		t: Catalogue;
		/** With named seats, a wheelchair is a seat type, not a drawing style. */
		namesSeats: boolean;
		onpick: () => void;
	}

	let { name, draft, t, namesSeats, onpick }: Props = $props();

	const words = $derived(t.options[name] as Readonly<Record<string, string>>);
	const values = $derived.by((): readonly string[] => {
		if (name === 'screenSize')
			return [...SCREEN_SIZES[chosenOption(draft.answers, 'screenKind')], 'not-known'];
		if (name === 'drawnAs' && namesSeats) return DRAWING_STYLES.filter((drawn) => drawn !== 'wheelchair');
		return CHOICE_FIELDS[name].options;
	});
	const options = $derived(values.map((value) => ({ value, words: words[value] ?? value })));
	const value = $derived(draft.answers[name] ?? '');
	const hint = $derived(t.hints[name] ?? '');
	const set = (chosen: string) => draft.set(name, chosen);
</script>

{#if name === 'city'}
	<Combobox
		{name}
		label={t.fields.city}
		{hint}
		{options}
		value={value || 'not-given'}
		noneWords={t.kit.noMatch}
		onchange={set}
	/>
{:else}
	<ChoiceRows {name} legend={t.fields[name]} {hint} {options} {value} onchange={set} {onpick} />
	{#if name === 'back'}<BackTest {t} />{/if}
{/if}

<script lang="ts">
	import { page } from '$app/state';
	import { QUESTIONNAIRE_MODES } from '$lib/core/questionnaire/answers/fields';
	import { SITTING_STYLES } from '$lib/core/workstation/corner/vocabulary';
	import { BREAK_SCHEDULES } from '$lib/core/breaks/break-schedules';
	import type { Catalogue } from '$lib/messages/shapes';
	import { breakTextsFor } from '$lib/messages/breaks';
	import Select from '../platform/kit/Select.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	type Field = 'sittingStyle' | 'questionnaireMode' | 'breakSchedule';

	interface Props {
		/** The chosen values; empty for the default. */
		values: Readonly<Record<Field, string>>;
		/** Label for the default; null where something must be chosen. */
		usual?: string | null;
		onchange?: (field: Field, value: string) => void;
		t: Catalogue;
	}

	let { values, usual = null, onchange = () => {}, t }: Props = $props();

	/** What the organisation offers, and the choice that was made. */
	const offeredOf = <V extends string>(
		all: readonly V[],
		offered: readonly V[] | undefined,
		chosen: string
	) => all.filter((one) => one === chosen || !offered || offered.includes(one));

	const fields = $derived([
		{
			name: 'sittingStyle',
			label: texts.styleForResults,
			options: offeredOf(SITTING_STYLES, page.data.choices?.sittingStyles, values.sittingStyle).map(
				(value) => ({
					value,
					words: t.ways[value].name
				})
			)
		},
		{
			name: 'questionnaireMode',
			label: texts.questionnaireLength,
			options: QUESTIONNAIRE_MODES.map((value) => ({ value, words: t.routes[value] }))
		},
		{
			name: 'breakSchedule',
			label: texts.breakSchedule,
			options: offeredOf(BREAK_SCHEDULES, page.data.choices?.breakSchedules, values.breakSchedule).map(
				(value) => ({
					value,
					words: breakTextsFor(t.locale).breakSchedules[value].name
				})
			)
		}
	] as const);
</script>

<!-- How people are assessed, asked and reminded to take breaks: the same for a round and for one person. -->
{#each fields as { name, label, options } (name)}
	<Select
		{name}
		{label}
		id="set-{name}"
		size="desk"
		value={values[name]}
		options={usual === null ? options : [{ value: '', words: usual }, ...options]}
		onchange={(value) => onchange(name, value)}
	/>
{/each}

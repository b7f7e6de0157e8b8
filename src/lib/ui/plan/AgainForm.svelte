<script lang="ts">
	import type { PlanVisit } from './plan-visit.svelte';
	import { enhanceForm } from '../platform/kit/enhance-form';
	import { formatLength, withDecimalMark } from '$lib/core/body/length/format-length';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { RemeasuredField } from '$lib/core/workstation/side-view/remeasured-heights';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import { issueWords } from '../questionnaire/issue-words';
	import type { Remeasurement } from './remeasurement.svelte';

	interface Props {
		again: Remeasurement;
		t: Catalogue;
		unit: LengthUnit;
		/** The last save: none yet, on the server, or on this device until it is online. */
		kept: PlanVisit['keptState'];
		touch: () => void;
		/** Saves the heights, online or offline. */
		keep: (texts: Readonly<Record<string, string>>) => void;
	}

	let { again, t, unit, kept, touch, keep }: Props = $props();

	/** Whether it was last sent with nothing in it. */
	let isEmpty = $state(false);
	const plannedWords = (field: RemeasuredField) =>
		t.again.planned(formatLength(again.planned[field] ?? 0, unit, { locale: t.locale }));
</script>

<form
	class="again"
	method="POST"
	action="?/again"
	novalidate
	use:enhanceForm={({ cancel, formElement }) => {
		cancel();
		const { texts } = again;
		isEmpty = again.isEmpty;
		if (isEmpty) formElement.querySelector('input')?.focus();
		else if (texts) keep(texts);
		else formElement.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
	}}
>
	<p class="text-ink-soft">{t.again.lead}</p>
	{#each again.fields as field (field)}
		{@const issue = again.issue(field)}
		<div class="border-b border-rule py-2">
			<TextField
				id="again-{field}"
				name={field}
				label={t.again.fields[field]}
				hint={[t.again.hints[field], plannedWords(field)].filter(Boolean).join(' · ')}
				value={withDecimalMark(again.text(field), t.locale)}
				inputmode="decimal"
				maxlength={40}
				fault={issue && issueWords(issue, t, unit)}
				oninput={(text) => {
					isEmpty = false;
					again.set(field, text);
					touch();
				}}
			/>
		</div>
	{/each}
	<div class="mt-4 flex flex-wrap items-center gap-3">
		<Button look="main">{t.again.keep}</Button>
		<span role="status"
			>{isEmpty
				? t.again.nothingTyped
				: kept === 'sent'
					? t.again.kept
					: kept === 'here'
						? t.again.keptHere
						: ''}</span
		>
	</div>
</form>

<script lang="ts">
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import type { EquipmentItem } from '$lib/core/plan/equipment';
	import ActFields from '../../cases/ActFields.svelte';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import Select from '../../platform/kit/Select.svelte';
	import { deskWords } from '$lib/messages/desk';
	import { everyItem, itemWords } from '$lib/messages/desk/workforce-words';

	const texts = deskWords.equipment;

	interface Props {
		personId: string;
		version: number;
		/** Items already requested. */
		asked: readonly EquipmentItem[];
	}

	let { personId, version, asked }: Props = $props();

	const form = new CaseForm();
	const free = $derived(everyItem().filter((thing) => !asked.includes(thing)));
</script>

<form
	method="POST"
	action="/desk/cases/{personId}?/askFor"
	use:enhanceForm={form.submit}
	class="no-print mt-3 flex flex-wrap items-end gap-2"
>
	<ActFields {form} {version} />
	<Select
		name="thing"
		id="ask-for"
		label={texts.requestForThem}
		size="desk"
		value={free[0] ?? ''}
		options={free.map((value) => ({ value, words: itemWords(value) }))}
	/>
	<Button size="desk" isBusy={form.isBusy}>{texts.addRequest}</Button>
</form>
<FormError fault={form.fault} />

<script lang="ts">
	import { LENGTH_FIELDS, type LengthFieldName } from '$lib/core/questionnaire/answers/fields';
	import { readLengthField, type FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import { formatLength } from '$lib/core/body/length/format-length';
	import type { Catalogue } from '$lib/messages/shapes';
	import ChoiceRows from '../platform/kit/ChoiceRows.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import type { Draft } from './draft.svelte';
	import { issueWords } from './issue-words';

	interface Props {
		name: Extract<LengthFieldName, 'heel' | 'seatGive' | 'surfaceThickness'>;
		draft: Draft;
		t: Catalogue;
		issues: readonly FieldIssue[];
		onpick: () => void;
	}

	let { name, draft, t, issues, onpick }: Props = $props();

	const field = $derived(LENGTH_FIELDS[name]);
	const textOf = (mm: number) => formatLength(mm, draft.unit, { withUnit: false });
	const text = $derived(draft.answers[name] ?? '');
	const read = $derived(readLengthField(name, text, draft.unit, field));
	const words = $derived(t.picks[name]);
	const options = $derived(
		field.picks.map((mm, i) => {
			const length = formatLength(mm, draft.unit, { locale: t.locale });
			const named = words?.[i];
			if (named === undefined) return { value: textOf(mm), words: length };
			// Nothing is told by its name alone.
			return { value: textOf(mm), words: mm === 0 ? named : `${named} (${length})` };
		})
	);
	const isOwn = $derived(text !== '' && !options.some(({ value }) => value === text));
	const issue = $derived(!read.ok && issues.some((found) => found.field === name) ? read.issue : null);
</script>

<ChoiceRows
	{name}
	legend={t.fields[name]}
	hint={t.hints[name] ?? ''}
	{options}
	value={text}
	onchange={(value) => draft.set(name, value)}
	{onpick}
/>
<div class="needs-js">
	<Disclosure words={t.nav.measured} look="inline" isOpen={isOwn}>
		<TextField
			id={name}
			name=""
			label="{t.fields[name]}, {draft.unit}"
			value={text}
			inputmode="decimal"
			maxlength={40}
			fault={issue && issueWords(issue, t, draft.unit)}
			oninput={(typed) => draft.set(name, typed)}
		/>
	</Disclosure>
</div>

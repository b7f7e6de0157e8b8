<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import Button from '../platform/kit/Button.svelte';
	import { localeOf, LOCALES, LOCALE_NAMES } from '$lib/messages/languages';
	import Select from '../platform/kit/Select.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import { CaseForm } from './case-form.svelte';
	import FormError from './FormError.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		person: {
			readonly id: string;
			readonly name: string;
			readonly email: string;
			readonly staffNumber: string;
			readonly team: string;
			readonly phone: string;
			readonly country: string;
			readonly region: string;
			readonly timeZone: string;
			readonly language: string;
			readonly version: number;
		};
	}

	let { person }: Props = $props();

	let isKept = $state(false);
	const form = new CaseForm(() => (isKept = true));
	const FIELDS = [
		['name', texts.name, 120, ''],
		['email', texts.emailAddress, 254, ''],
		['staffNumber', texts.staffNumber, 40, ''],
		['team', texts.team, 80, ''],
		['phone', texts.phone, 40, '+351 21 000 0000'],
		['country', texts.countryCode, 2, 'PT'],
		['region', texts.regionCode, 3, 'BY'],
		['timeZone', texts.timeZone, 60, texts.timeZoneExample]
	] as const;
</script>

<form
	method="POST"
	action="/desk/cases/{person.id}?/person"
	use:enhanceForm={form.submit}
	class="mt-3 grid gap-2 text-note"
>
	<input type="hidden" name="version" value={person.version} />
	{#each FIELDS as [name, words, most, example] (name)}
		<TextField
			{name}
			id="person-{name}"
			label={words}
			value={person[name]}
			size="desk"
			maxlength={most}
			placeholder={example}
			isRequired={name === 'name' || name === 'email'}
		/>
	{/each}
	<Select
		name="language"
		id="person-language"
		label={texts.language}
		size="desk"
		value={localeOf(person.language)}
		options={LOCALES.map((value) => ({ value, words: LOCALE_NAMES[value] }))}
	/>
	<p class="text-ink-soft">{texts.countryHint}</p>
	<div class="flex items-center gap-3">
		<Button size="desk" isBusy={form.isBusy}>{texts.saveAssignment}</Button>
		<span role="status" class="text-cool">{texts.saved(isKept)}</span>
	</div>
	<FormError fault={form.fault} />
</form>

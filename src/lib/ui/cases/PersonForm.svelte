<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../kit/Button.svelte';
	import TextField from '../kit/TextField.svelte';
	import { CaseForm } from './case-form.svelte';
	import FormFault from './FormFault.svelte';

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
		['name', 'Name', 120, ''],
		['email', 'E-mail address', 254, ''],
		['staffNumber', 'Staff number', 40, ''],
		['team', 'Team', 80, ''],
		['phone', 'Phone', 40, '+351 21 000 0000'],
		['country', 'Country, two letters', 2, 'PT'],
		['region', 'Region, its short code', 3, 'BY'],
		['timeZone', 'Time zone', 60, 'Europe/Lisbon'],
		['language', 'Language', 10, 'en']
	] as const;
</script>

<form
	method="POST"
	action="/desk/cases/{person.id}?/person"
	use:enhance={form.submit}
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
	<p class="text-ink-soft">The country’s weekend and public holidays move due dates.</p>
	<div class="flex items-center gap-3">
		<Button size="desk" isBusy={form.isBusy}>Keep</Button>
		<span role="status" class="text-cool">{isKept ? 'Kept.' : ''}</span>
	</div>
	<FormFault fault={form.fault} />
</form>

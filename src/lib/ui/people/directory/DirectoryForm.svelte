<script lang="ts">
	import {
		DIRECTORY_CHANGES,
		DIRECTORY_LENGTHS,
		TEAM_SOURCES,
		type DirectorySettings,
		type TeamSource
	} from '$lib/core/people/directory/directory-settings';
	import { deskWords } from '$lib/messages/desk';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import CheckBox from '../../platform/kit/CheckBox.svelte';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import Select from '../../platform/kit/Select.svelte';
	import TextField from '../../platform/kit/TextField.svelte';

	interface Props {
		settings: DirectorySettings;
		version: number;
		onsaved: () => void;
	}

	let { settings, version, onsaved }: Props = $props();

	const texts = deskWords.directory;
	const form = new CaseForm(() => onsaved());
	let teamFrom = $derived<TeamSource>(settings.teamFrom);
</script>

<form method="POST" action="?/save" use:enhanceForm={form.submit} class="grid max-w-prose gap-4">
	<input type="hidden" name="version" value={version} />
	<CheckBox
		name="isOn"
		words={texts.isOn}
		isChecked={settings.isOn}
		offValue="no"
		look="switch"
		size="desk"
	/>
	<fieldset>
		<legend class="font-semibold">{texts.may}</legend>
		<div class="mt-1 grid gap-x-6 sm:grid-cols-2">
			{#each DIRECTORY_CHANGES as change (change)}
				<CheckBox
					name="may-{change}"
					words={texts.changes[change]}
					isChecked={settings.may.includes(change)}
					size="desk"
				/>
			{/each}
		</div>
	</fieldset>
	<TextField
		name="usersFilter"
		label={texts.usersFilter}
		hint={texts.usersFilterHint}
		size="desk"
		maxlength={DIRECTORY_LENGTHS.usersFilter}
		value={settings.usersFilter}
	/>
	<Select
		name="teamFrom"
		label={texts.teamFrom}
		size="desk"
		value={teamFrom}
		options={TEAM_SOURCES.map((value) => ({ value, words: texts.teams[value] }))}
		onchange={(value) => (teamFrom = value as TeamSource)}
	/>
	{#if teamFrom === 'group'}
		<TextField
			name="groupStart"
			label={texts.groupStart}
			hint={texts.groupStartHint}
			size="desk"
			maxlength={DIRECTORY_LENGTHS.groupStart}
			value={settings.groupStart}
		/>
	{/if}
	<p><Button size="desk" isBusy={form.isBusy}>{texts.save}</Button></p>
	<FormError fault={form.fault} />
</form>

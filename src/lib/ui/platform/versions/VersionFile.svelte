<script lang="ts">
	import type { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../kit/Button.svelte';
	import { enhanceForm } from '../kit/enhance-form';
	import FileField from '../kit/FileField.svelte';
	import type { VersionFileWords } from './version-words';

	interface Props {
		words: VersionFileWords;
		form: CaseForm;
		/** Version of the draft that the file replaces, where drafts are stored. */
		seen?: number;
	}

	let { words, form, seen }: Props = $props();

	let file = $state('');
	const read = async (chosen: File | undefined) => {
		file = chosen ? await chosen.text() : '';
	};
</script>

<form method="POST" action="?/load" use:enhanceForm={form.submit} class="mt-5">
	{#if seen !== undefined}<input type="hidden" name="seen" value={seen} />{/if}
	<input type="hidden" name="file" value={file} />
	<FileField
		name=""
		id="version-file"
		label={words.load}
		hint={words.loadHint}
		accept=".json,application/json"
		size="desk"
		onchange={(chosen) => void read(chosen)}
	/>
	<p class="mt-2">
		<Button size="desk" isBusy={form.isBusy} disabled={file === ''}>{words.useFile}</Button>
	</p>
	<FormError fault={form.fault} />
</form>

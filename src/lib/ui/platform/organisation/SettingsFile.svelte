<script lang="ts">
	import { deskWords } from '$lib/messages/desk';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../kit/Button.svelte';
	import { enhanceForm } from '../kit/enhance-form';
	import FileField from '../kit/FileField.svelte';

	const texts = deskWords.policy;

	interface Props {
		/** Called with the settings of a file that can be used, as its page reads them. */
		loaded: (settings: unknown) => void;
	}

	let { loaded }: Props = $props();

	let file = $state('');
	const form = new CaseForm((result) => loaded(result.loaded));
	const read = async (chosen: File | undefined) => {
		file = chosen ? await chosen.text() : '';
	};
</script>

<form method="POST" action="?/load" use:enhanceForm={form.submit} class="mt-5">
	<input type="hidden" name="file" value={file} />
	<FileField
		name=""
		id="settings-file"
		label={texts.load}
		hint={texts.loadHint}
		accept=".json,application/json"
		size="desk"
		onchange={(chosen) => void read(chosen)}
	/>
	<p class="mt-2">
		<Button size="desk" isBusy={form.isBusy} disabled={file === ''}>{texts.useFile}</Button>
	</p>
	<FormError fault={form.fault} />
</form>

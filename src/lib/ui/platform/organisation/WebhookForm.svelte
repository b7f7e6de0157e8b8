<script lang="ts">
	import {
		WEBHOOK_KINDS,
		WEBHOOK_LENGTHS,
		type WebhookKind
	} from '$lib/core/platform/webhooks/webhook-kinds';
	import { deskWords } from '$lib/messages/desk';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../kit/Button.svelte';
	import CheckBox from '../kit/CheckBox.svelte';
	import { enhanceForm } from '../kit/enhance-form';
	import TextField from '../kit/TextField.svelte';

	interface Props {
		/** Null for a new one. */
		webhook: {
			readonly id: string;
			readonly name: string;
			readonly url: string;
			readonly kinds: readonly WebhookKind[];
			readonly isOn: boolean;
			readonly version: number;
		} | null;
		onsaved: () => void;
	}

	let { webhook, onsaved }: Props = $props();

	const { webhooks: texts } = deskWords.organisation;
	const form = new CaseForm(() => onsaved());
	const prefix = $props.id();
</script>

<form method="POST" action="?/save" use:enhanceForm={form.submit} class="grid max-w-prose gap-4">
	<input type="hidden" name="webhook" value={webhook?.id ?? ''} />
	<input type="hidden" name="version" value={webhook?.version ?? 0} />
	<TextField
		id="{prefix}-name"
		name="name"
		label={texts.name}
		size="desk"
		maxlength={WEBHOOK_LENGTHS.name}
		value={webhook?.name ?? ''}
	/>
	<TextField
		id="{prefix}-url"
		name="url"
		label={texts.url}
		hint={texts.urlHint}
		size="desk"
		inputmode="url"
		maxlength={WEBHOOK_LENGTHS.url}
		value={webhook?.url ?? ''}
	/>
	<fieldset>
		<legend class="font-semibold">{texts.kinds}</legend>
		<div class="mt-1 grid gap-x-6 sm:grid-cols-2">
			{#each WEBHOOK_KINDS as kind (kind)}
				<CheckBox
					name={kind}
					words={texts.kindNames[kind]}
					isChecked={webhook?.kinds.includes(kind) ?? false}
					size="desk"
				/>
			{/each}
		</div>
	</fieldset>
	<CheckBox
		name="isOn"
		words={texts.isOn}
		isChecked={webhook?.isOn ?? false}
		offValue="no"
		look="switch"
		size="desk"
	/>
	<p><Button look="main" size="desk" isBusy={form.isBusy}>{texts.save}</Button></p>
	<FormError fault={form.fault} />
</form>

<script lang="ts">
	import { onMount, untrack, type ComponentProps } from 'svelte';
	import { ORGANISATION_LENGTHS, PARTICIPATIONS, type Organisation } from '$lib/core/platform/organisation';
	import { deskWords } from '$lib/messages/desk';
	import { LOCALES, LOCALE_NAMES } from '$lib/messages/languages';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../kit/Button.svelte';
	import ChoiceRows from '../kit/ChoiceRows.svelte';
	import Combobox from '../kit/Combobox.svelte';
	import { enhanceForm } from '../kit/enhance-form';
	import Select from '../kit/Select.svelte';
	import TextArea from '../kit/TextArea.svelte';
	import TextField from '../kit/TextField.svelte';

	interface Props {
		organisation: Organisation;
		version: number;
		timeZones: readonly string[];
		onsaved: () => void;
	}

	let { organisation, version, timeZones, onsaved }: Props = $props();

	const texts = deskWords.organisation;
	/** As typed; a colleague's change does not replace it, but is shown when this is saved. */
	const typed = $state(untrack(() => ({ ...organisation })));
	const form = new CaseForm(() => onsaved());
	// Whoever sets the organisation up first is most likely where it is.
	onMount(() => {
		const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
		if (version === 0 && timeZones.includes(timeZone)) typed.timeZone = timeZone;
	});

	/** A single-line field. */
	type Line = Pick<
		ComponentProps<typeof TextField>,
		'label' | 'hint' | 'type' | 'inputmode' | 'autocomplete' | 'isRequired'
	> & {
		readonly name: 'name' | 'genuinePage' | 'contactName' | 'contactRole' | 'phone' | 'replyTo' | 'dutyLaw';
	};
</script>

{#snippet line({ name, ...rest }: Line)}
	<TextField
		{name}
		{...rest}
		size="desk"
		maxlength={ORGANISATION_LENGTHS[name]}
		value={typed[name]}
		oninput={(text) => (typed[name] = text)}
	/>
{/snippet}

<form method="POST" action="?/save" use:enhanceForm={form.submit} class="mt-5">
	<input type="hidden" name="version" value={version} />
	<div class="grid gap-x-10 gap-y-4 md:grid-cols-2">
		<div class="grid content-start gap-4">
			{@render line({
				name: 'name',
				label: texts.nameLabel,
				hint: texts.nameHint,
				isRequired: true,
				autocomplete: 'organization'
			})}
			<TextArea
				name="address"
				label={texts.address}
				hint={texts.addressHint}
				size="desk"
				rows={3}
				maxlength={ORGANISATION_LENGTHS.address}
				value={typed.address}
				oninput={(text) => (typed.address = text)}
			/>
			{@render line({
				name: 'genuinePage',
				label: texts.genuinePage,
				hint: texts.genuinePageHint,
				inputmode: 'url'
			})}
			<Select
				name="language"
				label={texts.language}
				hint={texts.languageHint}
				size="desk"
				value={typed.language}
				options={LOCALES.map((value) => ({ value, words: LOCALE_NAMES[value] }))}
				onchange={(value) => (typed.language = value)}
			/>
			<Combobox
				name="timeZone"
				label={texts.timeZone}
				hint={texts.timeZoneHint}
				noneWords={texts.noTimeZone}
				moreWords={texts.moreTimeZones}
				size="desk"
				value={typed.timeZone}
				options={timeZones.map((value) => ({ value, words: value }))}
				onchange={(value) => (typed.timeZone = value)}
			/>
		</div>
		<div class="grid content-start gap-4">
			{@render line({
				name: 'contactName',
				label: texts.contactName,
				hint: texts.contactNameHint,
				isRequired: true
			})}
			{@render line({ name: 'contactRole', label: texts.contactRole, hint: texts.contactRoleHint })}
			{@render line({ name: 'phone', label: texts.phone, hint: texts.phoneHint, type: 'tel' })}
			{@render line({ name: 'replyTo', label: texts.replyTo, hint: texts.replyToHint, type: 'email' })}
		</div>
		<div class="grid content-start gap-4 md:col-span-2">
			<ChoiceRows
				name="participation"
				legend={texts.takingPart}
				hint={texts.participationHint}
				look="wrap"
				options={PARTICIPATIONS.map((value) => ({ value, words: texts.participation[value] }))}
				value={typed.participation}
				onchange={(value) => (typed.participation = value === 'duty' ? 'duty' : 'voluntary')}
			/>
			{#if typed.participation === 'duty'}
				{@render line({ name: 'dutyLaw', label: texts.dutyLaw, hint: texts.dutyLawHint })}
			{:else}<input type="hidden" name="dutyLaw" value="" />{/if}
		</div>
	</div>
	<p class="mt-5"><Button look="main" size="desk" isBusy={form.isBusy}>{texts.save}</Button></p>
	<FormError fault={form.fault} />
</form>

<script lang="ts">
	import { phoneHref, phoneWords } from '../platform/kit/phone-words';
	import { enhanceForm } from '../platform/kit/enhance-form';
	import {
		CONTACT_RESULTS,
		CONTACT_WAYS,
		CONTACT_NEXT_STEPS,
		LOOK_RESULTS,
		SEEING_WAYS,
		type ContactResult,
		type ContactNextStep,
		type ContactWay
	} from '$lib/core/cases/contact';
	import type { CheckId } from '$lib/core/workstation/checks/check-values';
	import type { Closable } from '$lib/core/cases/case-assessment/vocabulary';
	import { closableWords, hazardWords } from '$lib/messages/desk/triage-words';
	import { SvelteSet } from 'svelte/reactivity';
	import Button from '../platform/kit/Button.svelte';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import Select from '../platform/kit/Select.svelte';
	import TextArea from '../platform/kit/TextArea.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import ActFields from './ActFields.svelte';
	import DayField from './DayField.svelte';
	import { CaseForm } from './case-form.svelte';
	import FormError from './FormError.svelte';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		personId: string;
		phone: string;
		/** Open items that only an outcome closes. */
		closable: readonly Closable[];
		/** Open hazards: the person can say that they are put right. */
		hazards: readonly string[];
		/** Heights that were assessed: what a coordinator sees of them can be recorded. */
		checks: readonly CheckId[];
		/** Whether the case was referred, so that this can be the next step. */
		isReferred: boolean;
		version: number;
		today: string;
		/** Called once it is recorded. */
		done?: () => void;
	}

	let {
		personId,
		phone,
		closable,
		hazards,
		checks,
		isReferred,
		version,
		today,
		done = () => {}
	}: Props = $props();

	let how = $state<ContactWay>(CONTACT_WAYS[0]);
	let result = $state<ContactResult>('reached');
	let next = $state<ContactNextStep | ''>('');
	/**
	 * Open items that were not talked about: someone who was reached is asked about everything, so the outcome covers all of it unless
	 * stated otherwise.
	 */
	const left = new SvelteSet<Closable>();
	const isClosing = $derived(closable.some((one) => !left.has(one)));
	/** How many contacts were saved here: each next one begins with empty fields. */
	let saved = $state(0);
	const form = new CaseForm(() => {
		saved += 1;
		[how, result, next] = [CONTACT_WAYS[0], 'reached', ''];
		left.clear();
		done();
	});
	const WAYS = CONTACT_WAYS.map((value) => ({ value, words: deskWords.contacts.how[value] }));
	const RESULTS = CONTACT_RESULTS.map((value) => ({ value, words: deskWords.contacts.result[value] }));
	const LOOKS = ['' as const, ...LOOK_RESULTS].map((value) => ({
		value,
		words: deskWords.contacts.look[value || 'not-looked']
	}));
	const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
	const steps = $derived(CONTACT_NEXT_STEPS.filter((step) => step !== 'referral' || isReferred));
</script>

<form
	method="POST"
	action="/desk/cases/{personId}?/contact"
	use:enhanceForm={form.submit}
	class="no-print mt-2 grid gap-2 text-note"
>
	<ActFields {form} {version} />
	{#if phone}<p>{texts.phoneLead} <a class="num" href={phoneHref(phone)}>{phoneWords(phone)}</a></p>{/if}
	{#key saved}
		<div class="grid grid-cols-2 gap-2">
			<Select
				name="how"
				id="contact-how"
				label={texts.how}
				size="desk"
				value={how}
				options={WAYS}
				onchange={(value) => (how = CONTACT_WAYS.find((one) => one === value) ?? how)}
			/>
			<Select
				name="result"
				id="contact-result"
				label={texts.result}
				size="desk"
				value={result}
				options={RESULTS}
				onchange={(value) => (result = CONTACT_RESULTS.find((one) => one === value) ?? result)}
			/>
		</div>
		{#if result === 'reached'}
			<TextField
				name="whom"
				id="contact-whom"
				label={texts.spokeWith}
				value=""
				size="desk"
				maxlength={120}
				isRequired
			/>
			<TextArea
				name="said"
				id="contact-said"
				label={texts.contactNotes}
				size="desk"
				rows={3}
				maxlength={2000}
				isRequired
			/>
			{#if SEEING_WAYS.includes(how) && checks.length > 0}
				<fieldset class="grid grid-cols-2 gap-2">
					<legend class="mb-1 font-semibold">{texts.lookTitle}</legend>
					{#each checks as check (check)}
						<Select
							name="saw.{check}"
							id="saw-{check}"
							label={deskCatalogue().checks.names[check]}
							size="desk"
							value=""
							options={LOOKS}
						/>
					{/each}
					<p class="col-span-2 text-ink-soft">{texts.lookHint}</p>
				</fieldset>
			{/if}
			{#if closable.length > 0}
				<fieldset class="grid gap-1">
					<legend class="font-semibold">{texts.contactResolves}</legend>
					{#each closable as one (one)}
						<CheckBox
							name="closes.{one}"
							words={capital(closableWords(one))}
							isChecked={!left.has(one)}
							size="desk"
							onchange={(is) => (is ? left.delete(one) : left.add(one))}
						/>
					{/each}
				</fieldset>
			{/if}
			{#if hazards.length > 0}
				<fieldset class="grid gap-1">
					<legend class="font-semibold">{texts.hazardsFixed}</legend>
					{#each hazards as hazard (hazard)}
						<CheckBox
							name="fixed.{hazard}"
							words={capital(hazardWords(hazard) ?? hazard)}
							isChecked={false}
							size="desk"
						/>
					{/each}
					<p class="text-ink-soft">{texts.hazardsFixedHint}</p>
				</fieldset>
			{/if}
		{:else}
			<TextField name="said" id="contact-note" label={texts.note} value="" size="desk" maxlength={2000} />
		{/if}
		{#if isClosing && result === 'reached'}
			<Select
				name="next"
				id="contact-next"
				label={texts.nextStep}
				size="desk"
				value={next}
				options={[
					{ value: '', words: texts.choose },
					...steps.map((value) => ({ value, words: deskWords.contacts.next[value] }))
				]}
				isRequired
				onchange={(value) => (next = CONTACT_NEXT_STEPS.find((one) => one === value) ?? '')}
			/>
			{#if !isReferred}
				<p class="text-ink-soft">
					{texts.referFirst}
				</p>
			{/if}
			{#if next === 'nothing'}
				<TextField
					name="why"
					id="contact-why"
					label={texts.noNextStepReason}
					value=""
					size="desk"
					maxlength={300}
					isRequired
				/>
			{/if}
		{/if}
		{#if !isClosing || next === 'look' || result !== 'reached'}
			<DayField
				name="nextOn"
				label={texts.nextContactOn(next === 'look' && isClosing)}
				least={today}
				isRequired={isClosing && next === 'look'}
			/>
		{/if}
	{/key}
	<div>
		<Button size="desk" isBusy={form.isBusy}>{texts.saveContact(isClosing)}</Button>
	</div>
	<FormError fault={form.fault} />
</form>

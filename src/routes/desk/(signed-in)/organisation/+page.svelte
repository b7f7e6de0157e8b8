<script lang="ts">
	import { untrack } from 'svelte';
	import { isSetUp, MAX_LOGO_BYTES, ORGANISATION_LENGTHS, PARTICIPATIONS } from '$lib/core/organisation';
	import { deskWords } from '$lib/messages/desk';
	import { LANGUAGES, LANGUAGE_NAMES } from '$lib/messages/languages';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import FormError from '$lib/ui/cases/FormError.svelte';
	import Button from '$lib/ui/kit/Button.svelte';
	import ChoiceRows from '$lib/ui/kit/ChoiceRows.svelte';
	import { enhanceForm } from '$lib/ui/kit/enhance-form';
	import FileField from '$lib/ui/kit/FileField.svelte';
	import Notice from '$lib/ui/kit/Notice.svelte';
	import { refreshPage } from '$lib/ui/kit/refresh-page';
	import Select from '$lib/ui/kit/Select.svelte';
	import TextArea from '$lib/ui/kit/TextArea.svelte';
	import TextField from '$lib/ui/kit/TextField.svelte';

	let { data } = $props();

	const texts = deskWords.organisation;
	/** As typed; a colleague's change does not replace it, it is shown when this is saved. */
	const typed = $state(untrack(() => ({ ...data.organisation })));
	let isSaved = $state(false);
	const form = new CaseForm(() => (isSaved = true));
	const removing = new CaseForm();
	let logoFault = $state<string | null>(null);
	/** Asks for the new picture, where the address is the same as before. */
	let drawing = $state(0);

	async function upload(file: File | undefined) {
		if (!file) return;
		logoFault = null;
		if (file.size > MAX_LOGO_BYTES) {
			logoFault = texts.logoTooLarge;
			return;
		}
		try {
			const answer = await fetch('/desk/organisation/logo', { method: 'PUT', body: file });
			if (answer.ok) {
				drawing += 1;
				await refreshPage();
			} else logoFault = ((await answer.json()) as { message: string }).message;
		} catch {
			logoFault = deskWords.frame.notReached;
		}
	}
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="mx-auto max-w-4xl px-6 py-6">
	<p class="text-note"><a href="/desk/users">{deskWords.accounts.accounts}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">
		{isSetUp(data.organisation) ? texts.lead : texts.firstLead}
	</p>
	<p class="mt-2 flex flex-wrap gap-4 text-note">
		<a href="/desk/organisation/emails">{texts.seeEmails}</a>
		<a href="/desk/organisation/translations">{texts.translationsLink}</a>
	</p>
	<div role="status">
		{#if isSaved}<div class="mt-3"><Notice kind="done">{texts.saved}</Notice></div>{/if}
	</div>

	<form method="POST" action="?/save" use:enhanceForm={form.submit} class="mt-5">
		<input type="hidden" name="version" value={data.version} />
		<div class="grid gap-x-10 gap-y-4 md:grid-cols-2">
			<div class="grid content-start gap-4">
				<TextField
					name="name"
					label={texts.nameLabel}
					hint={texts.nameHint}
					size="desk"
					maxlength={ORGANISATION_LENGTHS.name}
					isRequired
					autocomplete="organization"
					value={typed.name}
					oninput={(text) => (typed.name = text)}
				/>
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
				<TextField
					name="genuinePage"
					label={texts.genuinePage}
					hint={texts.genuinePageHint}
					size="desk"
					inputmode="url"
					maxlength={ORGANISATION_LENGTHS.genuinePage}
					value={typed.genuinePage}
					oninput={(text) => (typed.genuinePage = text)}
				/>
				<Select
					name="language"
					label={texts.language}
					hint={texts.languageHint}
					size="desk"
					value={typed.language}
					options={LANGUAGES.map((value) => ({ value, words: LANGUAGE_NAMES[value] }))}
					onchange={(value) => (typed.language = value)}
				/>
			</div>
			<div class="grid content-start gap-4">
				<TextField
					name="contactName"
					label={texts.contactName}
					hint={texts.contactNameHint}
					size="desk"
					maxlength={ORGANISATION_LENGTHS.contactName}
					isRequired
					value={typed.contactName}
					oninput={(text) => (typed.contactName = text)}
				/>
				<TextField
					name="contactRole"
					label={texts.contactRole}
					hint={texts.contactRoleHint}
					size="desk"
					maxlength={ORGANISATION_LENGTHS.contactRole}
					value={typed.contactRole}
					oninput={(text) => (typed.contactRole = text)}
				/>
				<TextField
					name="phone"
					type="tel"
					label={texts.phone}
					hint={texts.phoneHint}
					size="desk"
					maxlength={ORGANISATION_LENGTHS.phone}
					value={typed.phone}
					oninput={(text) => (typed.phone = text)}
				/>
				<TextField
					name="replyTo"
					type="email"
					label={texts.replyTo}
					hint={texts.replyToHint}
					size="desk"
					maxlength={ORGANISATION_LENGTHS.replyTo}
					value={typed.replyTo}
					oninput={(text) => (typed.replyTo = text)}
				/>
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
					<TextField
						name="dutyLaw"
						label={texts.dutyLaw}
						hint={texts.dutyLawHint}
						size="desk"
						maxlength={ORGANISATION_LENGTHS.dutyLaw}
						value={typed.dutyLaw}
						oninput={(text) => (typed.dutyLaw = text)}
					/>
				{:else}<input type="hidden" name="dutyLaw" value="" />{/if}
			</div>
		</div>
		<p class="mt-5"><Button look="main" size="desk" isBusy={form.isBusy}>{texts.save}</Button></p>
		<FormError fault={form.fault} />
	</form>

	<section class="mt-8 border-t border-ink pt-4" aria-labelledby="logo-heading">
		<h2 id="logo-heading" class="text-head">{texts.logo}</h2>
		{#if data.version === 0}
			<p class="mt-1 text-ink-soft">{texts.saveFirst}</p>
		{:else}
			{#if data.hasLogo}
				<div class="mt-2 flex items-center gap-4">
					<img
						class="max-h-20 max-w-60 border border-rule bg-[#FFFDF7] p-2"
						src="/logo?{drawing}"
						alt={texts.logoAlt(data.organisation.name)}
					/>
					<form method="POST" action="?/removeLogo" use:enhanceForm={removing.submit}>
						<Button look="quiet" size="desk" isBusy={removing.isBusy}>{texts.removeLogo}</Button>
					</form>
				</div>
			{:else}<p class="mt-1 text-ink-soft">{texts.noLogo}</p>{/if}
			<div class="mt-3 max-w-md">
				<FileField
					name="logo"
					label={data.hasLogo ? texts.replaceLogo : texts.addLogo}
					hint={texts.logoHint}
					accept=".png,.jpg,.jpeg,.webp,image/png,image/jpeg,image/webp"
					size="desk"
					onchange={upload}
				/>
			</div>
			<FormError fault={logoFault ?? removing.fault} />
		{/if}
	</section>
</main>

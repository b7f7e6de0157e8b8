<script lang="ts">
	import { MAX_LOGO_BYTES } from '$lib/core/platform/organisation';
	import { deskWords } from '$lib/messages/desk';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../kit/Button.svelte';
	import { enhanceForm } from '../kit/enhance-form';
	import FileField from '../kit/FileField.svelte';
	import { refreshPage } from '../kit/refresh-page';

	interface Props {
		organisationName: string;
		/** Whether the organisation was saved once: a logo belongs to one. */
		isSetUp: boolean;
		hasLogo: boolean;
	}

	let { organisationName, isSetUp, hasLogo }: Props = $props();

	const texts = deskWords.organisation;
	const removing = new CaseForm();
	let logoFault = $state<string | null>(null);
	/** Reloads the image, whose URL stays the same. */
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

<section class="mt-8 border-t border-ink pt-4" aria-labelledby="logo-heading">
	<h2 id="logo-heading" class="text-head">{texts.logo}</h2>
	{#if !isSetUp}
		<p class="mt-1 text-ink-soft">{texts.saveFirst}</p>
	{:else}
		{#if hasLogo}
			<div class="mt-2 flex items-center gap-4">
				<img
					class="max-h-20 max-w-60 border border-rule bg-[#FFFDF7] p-2"
					src="/logo?{drawing}"
					alt={texts.logoAlt(organisationName)}
				/>
				<form method="POST" action="?/removeLogo" use:enhanceForm={removing.submit}>
					<Button look="quiet" size="desk" isBusy={removing.isBusy}>{texts.removeLogo}</Button>
				</form>
			</div>
		{:else}<p class="mt-1 text-ink-soft">{texts.noLogo}</p>{/if}
		<div class="mt-3 max-w-md">
			<FileField
				name="logo"
				label={hasLogo ? texts.replaceLogo : texts.addLogo}
				hint={texts.logoHint}
				accept=".png,.jpg,.jpeg,.webp,image/png,image/jpeg,image/webp"
				size="desk"
				onchange={upload}
			/>
		</div>
		<FormError fault={logoFault ?? removing.fault} />
	{/if}
</section>

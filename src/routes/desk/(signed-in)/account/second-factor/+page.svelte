<script lang="ts">
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { deskWords } from '$lib/messages/desk';
	import Passkeys from '$lib/ui/platform/accounts/Passkeys.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';

	const texts = deskWords.accounts;

	let { data, form } = $props();

	let passkeyCodes = $state<readonly string[] | null>(null);
	const codes = $derived(form && 'codes' in form ? form.codes : passkeyCodes);
</script>

<svelte:head><title>{texts.secondFactorTitle}</title></svelte:head>

<main class="max-w-xl px-6 py-6">
	<p class="text-note"><a href="/desk/account">{texts.yourAccount}</a></p>
	<h1 class="mt-1 text-title">{texts.secondFactor}</h1>
	{#if form && 'fault' in form && form.fault}
		<div class="mt-3"><Notice kind="caution" role="alert">{form.fault.message}</Notice></div>
	{/if}
	{#if codes}
		<div class="mt-3"><Notice kind="done" role="status">{texts.codesAreOn}</Notice></div>
		<p class="mt-3">{texts.recoveryLead}</p>
		<ul class="codes num">
			{#each codes as code (code)}<li>{code}</li>{/each}
		</ul>
		<p class="mt-4"><Button look="main" href="/desk">{texts.savedThem}</Button></p>
	{:else}
		{#if data.mustSetUp}<div class="mt-3"><Notice kind="caution">{texts.codeNeeded}</Notice></div>{/if}
		<h2 class="mt-5 text-head">{texts.passkeys}</h2>
		<p class="mt-1 text-ink-soft">{texts.passkeyWhy}</p>
		<Passkeys
			passkeys={data.passkeys}
			namedAddress={data.namedAddress}
			timeZone={data.timeZone}
			oncodes={(given) => (passkeyCodes = given)}
		/>
		<h2 class="mt-8 text-head">{texts.phoneCodes}</h2>
		{#if data.offer}
			<p class="mt-1 text-ink-soft">{texts.codeWhy}</p>
			<ol class="mt-4 grid gap-4">
				<li>
					{texts.scanIt}
					<img src={data.offer.qr} alt={texts.qrOf} width="200" height="200" class="mt-2" />
					<span class="block text-note text-ink-soft">{texts.typeSecret}</span>
					<span class="num secret block break-all">{data.offer.secret.replace(/(.{4})/g, '$1 ')}</span>
				</li>
				<li>
					<form method="POST" action="?/begin" use:enhanceForm class="grid max-w-xs gap-3">
						<TextField
							name="code"
							label={texts.codeNow}
							value=""
							autocomplete="one-time-code"
							inputmode="numeric"
							maxlength={20}
							isRequired
						/>
						<div><Button>{texts.turnOnCodes}</Button></div>
					</form>
				</li>
			</ol>
		{:else}
			<p class="mt-1 text-ink-soft">{texts.codeAsked}</p>
			{#if data.isNeeded && data.passkeys.length === 0}<p class="mt-2">{texts.codeStays}</p>{:else}
				<form method="POST" action="?/end" use:enhanceForm class="mt-4">
					<Button size="desk">{texts.turnOffCodes}</Button>
				</form>
			{/if}
		{/if}
	{/if}
</main>

<style>
	.codes {
		display: grid;
		grid-template-columns: repeat(2, max-content);
		gap: 0.25rem 2rem;
		margin-top: 0.75rem;
	}
	ol {
		padding-inline-start: 1.25rem;
		list-style: decimal;
	}
</style>

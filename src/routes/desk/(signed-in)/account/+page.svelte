<script lang="ts">
	import { momentWords } from '$lib/messages/dates';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { deskWords } from '$lib/messages/desk';
	import { DESK_LANGUAGES } from '$lib/messages/desk-language';
	import { LANGUAGE_NAMES } from '$lib/messages/languages';
	import Select from '$lib/ui/platform/kit/Select.svelte';

	const texts = deskWords.accounts;

	let { data, form } = $props();

	/** Browser and system, from a browser's user-agent string. */
	function deviceWords(device: string): string {
		const browser =
			(/Edg\//.test(device) && 'Edge') ||
			(/Firefox\//.test(device) && 'Firefox') ||
			(/Chrom/.test(device) && 'Chrome') ||
			(/Safari\//.test(device) && 'Safari') ||
			texts.unknownBrowser;
		const system = /Android|iPhone|iPad|Windows|Mac OS|Linux/.exec(device)?.[0];
		return system ? texts.browserOn(browser, system) : browser;
	}
</script>

<svelte:head><title>{texts.accountPageTitle}</title></svelte:head>

<main class="max-w-3xl px-6 py-6">
	<h1 class="text-title">{texts.yourAccount}</h1>
	<p class="mt-1 text-ink-soft">{data.userName}</p>
	<h2 class="mt-6 text-head">{texts.sessions}</h2>
	<ul class="mt-2 border-t border-ink">
		{#each data.sessions as session, i (i)}
			<li class="flex justify-between gap-4 border-b border-rule py-2">
				<span>{texts.session(deviceWords(session.device), session.isHere)}</span>
				<span class="text-note text-ink-soft"
					>{texts.signedInSince(momentWords(session.createdAt, data.timeZone))}</span
				>
			</li>
		{/each}
	</ul>
	{#if data.sessions.length > 1}
		<form method="POST" action="?/elsewhere" use:enhanceForm class="mt-4">
			<Button size="desk">{texts.signOutOthers}</Button>
		</form>
	{/if}
	<p role="status" class="mt-2 text-note text-cool">
		{texts.signedOutOthers(Boolean(form && 'done' in form))}
	</p>
	{#if data.isCoordinator}
		<p class="mt-4"><a href="/desk/account/absence">{texts.absence.link}</a></p>
		<p class="mt-2"><a href="/desk/account/tokens">{texts.tokens.link}</a></p>
	{/if}
	<h2 class="mt-6 text-head">{texts.language}</h2>
	<form
		method="POST"
		action="?/language"
		data-sveltekit-reload
		class="mt-2 flex max-w-md flex-wrap items-end gap-3"
	>
		<div class="min-w-60 flex-1">
			<Select
				name="language"
				label={texts.deskLanguage}
				value={data.language}
				size="desk"
				options={DESK_LANGUAGES.map((value) => ({ value, words: LANGUAGE_NAMES[value] }))}
			/>
		</div>
		<Button size="desk">{texts.saveLanguage}</Button>
	</form>
	<h2 class="mt-6 text-head">{texts.secondFactor}</h2>
	<p class="mt-1 text-ink-soft">
		{data.hasCode || data.passkeys > 0
			? texts.activeFactors(data.passkeys, data.hasCode, data.recoveryLeft)
			: texts.factorWhy}
	</p>
	<p class="mt-2">
		<Button size="desk" href="/desk/account/second-factor">
			{data.hasCode || data.passkeys > 0 ? texts.changeCode : texts.setUpCode}
		</Button>
	</p>
	<h2 class="mt-6 text-head">{texts.password}</h2>
	<form method="POST" action="?/password" use:enhanceForm class="mt-2 grid max-w-md gap-3">
		{#if form?.fault}<Notice kind="caution" role="alert">{form.fault.message}</Notice>{/if}
		<TextField
			type="password"
			name="current"
			label={texts.currentPassword}
			value=""
			size="desk"
			autocomplete="current-password"
			isRequired
		/>
		<TextField
			type="password"
			name="password"
			label={texts.newPassword(data.shortest)}
			value=""
			size="desk"
			autocomplete="new-password"
			isRequired
		/>
		<div><Button size="desk">{texts.changePassword}</Button></div>
		<p role="status" class="text-note text-cool">{form && 'changed' in form ? texts.passwordChanged : ''}</p>
	</form>
	<p class="mt-3 text-note text-ink-soft">
		<a href="/desk/password">{texts.forgotPassword} {texts.emailPasswordLink}</a>
	</p>
</main>

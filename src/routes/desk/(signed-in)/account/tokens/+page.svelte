<script lang="ts">
	import { TOKEN_DAYS, TOKEN_LIMITS } from '$lib/core/platform/api/api-scopes';
	import { deskWords } from '$lib/messages/desk';
	import { dayWords, momentWords } from '$lib/messages/dates';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import FormError from '$lib/ui/cases/FormError.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import CheckBox from '$lib/ui/platform/kit/CheckBox.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import Select from '$lib/ui/platform/kit/Select.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';

	let { data, form: answered } = $props();

	const { tokens: texts, yourAccount } = deskWords.accounts;
	let token = $state('');
	/** Also as a form without scripts answers. */
	const made = $derived(token || (answered && 'token' in answered ? answered.token : ''));
	const making = new CaseForm((result) => (token = String(result['token'] ?? '')));
	const ending = new CaseForm();
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="max-w-3xl px-6 py-6">
	<p class="text-note"><a href="/desk/account">{yourAccount}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	<p class="num mt-1 text-note text-ink-soft">{data.address}</p>
	<p class="mt-1 text-note"><a href="/api/v1/openapi.json">{texts.description}</a></p>
	<div role="status">
		{#if made}
			<div class="mt-3">
				<Notice kind="done">
					{texts.made}<br /><span class="num break-all">{made}</span>
				</Notice>
			</div>
		{/if}
	</div>

	<h2 class="mt-6 text-head">{texts.yours}</h2>
	{#if data.tokens.length === 0}
		<p class="mt-1 text-ink-soft">{texts.none}</p>
	{:else}
		<ul class="mt-2 border-t border-ink">
			{#each data.tokens as one (one.id)}
				<li class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b border-rule py-2">
					<div class="min-w-60 flex-1">
						<p class="font-semibold">{one.name}</p>
						<p class="text-note text-ink-soft">
							{one.scopes.map((scope) => texts.scopes[scope]).join(' · ')}
						</p>
						<p class="text-note text-ink-soft">
							{texts.until(dayWords(one.expiresAt))}
							{one.usedAt ? texts.used(momentWords(one.usedAt, data.timeZone)) : texts.unused}
						</p>
					</div>
					<form method="POST" action="?/end" use:enhanceForm={ending.submit}>
						<input type="hidden" name="token" value={one.id} />
						<Button size="desk" aria-label={texts.endNamed(one.name)}>{texts.end}</Button>
					</form>
				</li>
			{/each}
		</ul>
		<FormError fault={ending.fault} />
	{/if}

	<h2 class="mt-6 text-head">{texts.make}</h2>
	<!-- Begun again once a token was made: pressed a second time, it is not made twice. -->
	{#key token}
		<form method="POST" action="?/make" use:enhanceForm={making.submit} class="mt-2 grid max-w-prose gap-4">
			<TextField
				name="name"
				label={texts.name}
				hint={texts.nameHint}
				size="desk"
				maxlength={TOKEN_LIMITS.name}
				value=""
			/>
			<fieldset>
				<legend class="font-semibold">{texts.may}</legend>
				<div class="mt-1 grid">
					{#each data.scopes as scope (scope)}
						<CheckBox name={scope} words={texts.scopes[scope]} isChecked={false} size="desk" />
					{/each}
				</div>
			</fieldset>
			<Select
				name="days"
				label={texts.days}
				size="desk"
				value={String(TOKEN_DAYS[1])}
				options={TOKEN_DAYS.map((n) => ({ value: String(n), words: texts.daysWords(n) }))}
			/>
			<p><Button look="main" size="desk" isBusy={making.isBusy}>{texts.makeIt}</Button></p>
			<FormError fault={making.fault} />
		</form>
	{/key}
</main>

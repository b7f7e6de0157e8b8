<script lang="ts">
	import TextField from '$lib/ui/platform/kit/TextField.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import OtherWays from '$lib/ui/platform/accounts/OtherWays.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.accounts;

	let { data, form } = $props();
</script>

<svelte:head><title>{texts.signInTitle}</title></svelte:head>

<main class="mx-auto grid min-h-dvh max-w-sm content-center px-6 py-12">
	<p class="font-title font-semibold">{texts.product}</p>
	<h1 class="mt-1 text-title">{texts.signIn}</h1>
	<p class="mt-2 text-ink-soft">{texts.signInLead}</p>
	<form method="POST" class="mt-6 grid gap-4" use:enhanceForm>
		{#if form?.fault}<Notice kind="caution" role="alert">{form.fault.message}</Notice>
		{:else if data.why}<Notice kind="caution" role="alert">{texts.providerWhy[data.why]}</Notice>{/if}
		<TextField
			type="email"
			name="email"
			label={texts.emailAddress}
			value=""
			autocomplete="username"
			isRequired
			maxlength={254}
		/>
		<TextField
			type="password"
			name="password"
			label={texts.password}
			value=""
			autocomplete="current-password"
			isRequired
		/>
		<Button look="main">{texts.signIn}</Button>
	</form>
	<OtherWays to="/desk" providerName={data.providerName} />
	<p class="mt-4"><a href="/desk/password">{texts.forgotHeading}</a></p>
	{#if data.demo}
		<p class="mt-6 border-t border-rule pt-4 text-note text-ink-soft">
			{texts.demo}
			{#each data.demo.emails as email (email)}<span class="num block text-ink">{email}</span>{/each}
			{texts.demoPassword} <span class="num text-ink">{data.demo.password}</span>
		</p>
	{/if}
</main>

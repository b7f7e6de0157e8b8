<script lang="ts">
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { deskWords } from '$lib/messages/desk';
	import OtherWays from '$lib/ui/platform/accounts/OtherWays.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';

	const texts = deskWords.accounts;

	let { data, form } = $props();
</script>

<svelte:head><title>{texts.confirmTitle}</title></svelte:head>

<main class="max-w-lg px-6 py-6">
	<h1 class="text-title">{texts.confirm}</h1>
	<p class="mt-1 text-ink-soft">{texts.confirmLead(data.userName)}</p>
	<form method="POST" class="mt-6 grid gap-4" use:enhanceForm>
		{#if form?.fault}<Notice kind="caution" role="alert">{form.fault.message}</Notice>
		{:else if data.why}<Notice kind="caution" role="alert">{texts.providerWhy[data.why]}</Notice>{/if}
		<TextField
			type="password"
			name="password"
			label={texts.password}
			value=""
			autocomplete="current-password"
			isRequired
		/>
		<div><Button look="main">{texts.goOn}</Button></div>
	</form>
	<OtherWays to={data.to} providerName={data.providerName} />
</main>

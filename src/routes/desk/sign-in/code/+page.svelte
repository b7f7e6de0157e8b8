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

<svelte:head><title>{texts.codeTitle}</title></svelte:head>

<main class="mx-auto grid min-h-dvh max-w-sm content-center px-6 py-12">
	<p class="font-title font-semibold">{texts.product}</p>
	<h1 class="mt-1 text-title">{texts.secondFactor}</h1>
	<p class="mt-2 text-ink-soft">{texts.factorLead(data.hasCode, data.hasPasskey)}</p>
	<form method="POST" class="mt-6 grid gap-4" use:enhanceForm>
		{#if form?.fault}<Notice kind="caution" role="alert">{form.fault.message}</Notice>{/if}
		<TextField
			name="code"
			label={texts.code}
			value=""
			autocomplete="one-time-code"
			inputmode="text"
			maxlength={40}
			isRequired
		/>
		<Button look="main">{texts.signIn}</Button>
	</form>
	{#if data.hasPasskey}<OtherWays to="/desk" providerName={null} />{/if}
	<p class="mt-4 text-note text-ink-soft">{texts.codeLost}</p>
	<form method="POST" action="/desk/sign-out" class="mt-4">
		<Button look="quiet" size="desk">{texts.asSomeoneElse}</Button>
	</form>
</main>

<script lang="ts">
	import TextField from '$lib/ui/platform/kit/TextField.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.accounts;

	let { form } = $props();
</script>

<svelte:head><title>{texts.forgotTitle}</title></svelte:head>

<main class="mx-auto max-w-sm px-5 py-16">
	<p class="font-title text-lead font-semibold">{texts.product}</p>
	<h1 class="mt-6 text-title">{texts.forgotHeading}</h1>
	{#if form && 'sent' in form}
		<p class="mt-3" role="status">
			{texts.passwordLinkSent}
		</p>
	{:else}
		<p class="mt-2 text-ink-soft">{texts.passwordLinkLead}</p>
		<form method="POST" use:enhanceForm class="mt-5 grid gap-4">
			<TextField
				type="email"
				name="email"
				label={texts.emailAddress}
				value=""
				maxlength={254}
				isRequired
				autocomplete="username"
			/>
			<div><Button look="main">{texts.sendPasswordLink}</Button></div>
		</form>
	{/if}
	<p class="mt-6"><a href="/desk/sign-in">{texts.backToSignIn}</a></p>
</main>

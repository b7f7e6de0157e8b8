<script lang="ts">
	import TextField from '$lib/ui/platform/kit/TextField.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.accounts;

	let { data, form } = $props();

	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
</script>

<svelte:head><title>{texts.choosePasswordTitle}</title></svelte:head>

<main class="mx-auto max-w-sm px-5 py-16">
	<p class="font-title text-lead font-semibold">{texts.product}</p>
	<h1 class="mt-6 text-title">{texts.choosePassword}</h1>
	<p class="mt-2 text-ink-soft">{texts.choosePasswordLead(data.owner.name)}</p>
	<form method="POST" use:enhanceForm class="mt-5 grid gap-4">
		<!-- For the password manager, which saves a password with its email address. -->
		<!-- eslint-disable-next-line no-restricted-syntax -->
		<input
			class="hidden"
			type="email"
			name="email"
			autocomplete="username"
			value={data.owner.email}
			readonly
		/>
		<TextField
			type="password"
			name="password"
			label={texts.passwordField(data.shortest)}
			value=""
			minlength={data.shortest}
			isRequired
			autocomplete="new-password"
		/>
		<div role="alert">
			{#if fault}<p class="border-s-4 border-warm bg-warm-wash px-3 py-2">{fault}</p>{/if}
		</div>
		<div><Button look="main">{texts.savePassword}</Button></div>
	</form>
</main>

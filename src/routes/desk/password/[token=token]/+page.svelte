<script lang="ts">
	import TextField from '$lib/ui/kit/TextField.svelte';
	import Button from '$lib/ui/kit/Button.svelte';
	import { enhance } from '$app/forms';

	let { data, form } = $props();

	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
</script>

<svelte:head><title>Choose a password · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-sm px-5 py-16">
	<p class="font-title text-lead font-semibold">Easy Corner</p>
	<h1 class="mt-6 text-title">Choose a password</h1>
	<p class="mt-2 text-ink-soft">For {data.owner.name}. Every browser that is signed in is signed out.</p>
	<form method="POST" use:enhance class="mt-5 grid gap-4">
		<!-- For the password manager, which keeps a password with its address. -->
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
			label="Password, at least {data.shortest} characters"
			value=""
			minlength={data.shortest}
			isRequired
			autocomplete="new-password"
		/>
		<div role="alert">
			{#if fault}<p class="border-l-4 border-warm bg-warm-wash px-3 py-2">{fault}</p>{/if}
		</div>
		<div><Button look="main">Choose it</Button></div>
	</form>
</main>

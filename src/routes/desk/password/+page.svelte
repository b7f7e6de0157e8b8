<script lang="ts">
	import TextField from '$lib/ui/kit/TextField.svelte';
	import Button from '$lib/ui/kit/Button.svelte';
	import { enhance } from '$app/forms';

	let { form } = $props();
</script>

<svelte:head><title>Another password · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-sm px-5 py-16">
	<p class="font-title text-lead font-semibold">Easy Corner</p>
	<h1 class="mt-6 text-title">Another password</h1>
	{#if form && 'sent' in form}
		<p class="mt-3" role="status">
			If there is an account with this address, a letter with a link is on its way. The link works for two
			hours.
		</p>
	{:else}
		<p class="mt-2 text-ink-soft">A letter with a link comes to the address of your account.</p>
		<form method="POST" use:enhance class="mt-5 grid gap-4">
			<TextField
				type="email"
				name="email"
				label="E-mail address"
				value=""
				maxlength={254}
				isRequired
				autocomplete="username"
			/>
			<div><Button look="main">Send the link</Button></div>
		</form>
	{/if}
	<p class="mt-6"><a href="/desk/sign-in">Back to the sign-in</a></p>
</main>

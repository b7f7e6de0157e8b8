<script lang="ts">
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
		<input
			class="hidden"
			type="email"
			name="email"
			autocomplete="username"
			value={data.owner.email}
			readonly
		/>
		<label
			><span class="font-semibold">Password, at least {data.shortest} characters</span>
			<input
				class="field mt-1"
				type="password"
				name="password"
				minlength={data.shortest}
				maxlength="200"
				required
				autocomplete="new-password"
			/></label
		>
		<div role="alert">
			{#if fault}<p class="border-l-4 border-warm bg-warm-wash px-3 py-2">{fault}</p>{/if}
		</div>
		<div><button class="btn btn-main">Choose it</button></div>
	</form>
</main>

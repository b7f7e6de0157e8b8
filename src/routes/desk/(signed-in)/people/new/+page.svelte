<script lang="ts">
	import TextField from '$lib/ui/kit/TextField.svelte';
	import Button from '$lib/ui/kit/Button.svelte';
	import { enhance } from '$app/forms';

	let { form } = $props();

	const at = $derived(form?.fault?.at?.replace('/', '') ?? '');
	const words = $derived(
		at === 'email' && form?.fault?.message.startsWith('/')
			? 'Write a whole e-mail address, like name@organisation.example.'
			: at === 'name' && form?.fault?.message.startsWith('/')
				? 'Give the person’s name.'
				: form?.fault?.message
	);
</script>

<svelte:head><title>Add a person · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-lg px-6 py-6">
	<p class="text-note"><a href="/desk/people">People</a></p>
	<h1 class="mt-1 text-title">Add a person</h1>
	<form
		method="POST"
		class="mt-6 grid gap-4"
		use:enhance={() =>
			({ update }) =>
				update({ reset: false })}
	>
		{#if words}<p id="fault" class="border-l-4 border-warm bg-warm-wash px-3 py-2" role="alert">
				{words}
			</p>{/if}
		<TextField
			name="name"
			label="Name"
			value=""
			isRequired
			maxlength={120}
			fault={at === 'name' ? words : null}
		/>
		<TextField
			name="email"
			type="email"
			label="E-mail address"
			value=""
			isRequired
			maxlength={254}
			fault={at === 'email' ? words : null}
		/>
		<TextField name="team" label="Team (may stay empty)" value="" maxlength={80} />
		<TextField name="phone" type="tel" label="Phone (may stay empty)" value="" maxlength={40} />
		<div class="flex gap-3">
			<Button look="main">Add</Button>
			<Button href="/desk/people">Cancel</Button>
		</div>
	</form>
</main>

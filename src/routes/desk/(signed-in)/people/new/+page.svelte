<script lang="ts">
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
		<label>
			<span class="font-semibold">Name</span>
			<input
				class="field mt-1"
				name="name"
				required
				maxlength="120"
				autocomplete="off"
				aria-invalid={at === 'name'}
				aria-describedby={at === 'name' ? 'fault' : undefined}
			/>
		</label>
		<label>
			<span class="font-semibold">E-mail address</span>
			<input
				class="field mt-1"
				name="email"
				type="email"
				required
				maxlength="254"
				autocomplete="off"
				aria-invalid={at === 'email'}
				aria-describedby={at === 'email' ? 'fault' : undefined}
			/>
		</label>
		<label>
			<span class="font-semibold">Team</span> <span class="text-ink-soft">(may stay empty)</span>
			<input class="field mt-1" name="team" maxlength="80" autocomplete="off" />
		</label>
		<label>
			<span class="font-semibold">Phone</span> <span class="text-ink-soft">(may stay empty)</span>
			<input class="field mt-1 num" name="phone" type="tel" maxlength="40" autocomplete="off" />
		</label>
		<div class="flex gap-3">
			<button class="btn btn-main">Add</button>
			<a class="btn" href="/desk/people">Cancel</a>
		</div>
	</form>
</main>

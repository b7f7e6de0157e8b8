<script lang="ts">
	import { momentWords } from '$lib/messages/desk-dates';
	import Button from '$lib/ui/kit/Button.svelte';
	import { enhance } from '$app/forms';

	let { data, form } = $props();

	/** Browser and system out of what a browser calls itself. */
	function deviceWords(device: string): string {
		const browser = /Edg\//.test(device)
			? 'Edge'
			: /Firefox\//.test(device)
				? 'Firefox'
				: /Chrom/.test(device)
					? 'Chrome'
					: /Safari\//.test(device)
						? 'Safari'
						: 'A browser';
		const system = /Android|iPhone|iPad|Windows|Mac OS|Linux/.exec(device)?.[0];
		return system ? `${browser} on ${system}` : browser;
	}
</script>

<svelte:head><title>Your account · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-3xl px-6 py-6">
	<h1 class="text-title">Your account</h1>
	<p class="mt-1 text-ink-soft">{data.userName}</p>
	<h2 class="mt-6 text-head">Where you are signed in</h2>
	<ul class="mt-2 border-t border-ink">
		{#each data.sessions as session, i (i)}
			<li class="flex justify-between gap-4 border-b border-rule py-2">
				<span>{deviceWords(session.device)}{session.isHere ? ', here' : ''}</span>
				<span class="text-note text-ink-soft">since {momentWords(session.createdAt, data.timeZone)}</span>
			</li>
		{/each}
	</ul>
	{#if data.sessions.length > 1}
		<form method="POST" action="?/elsewhere" use:enhance class="mt-4">
			<Button size="desk">Sign out everywhere else</Button>
		</form>
	{/if}
	<p role="status" class="mt-2 text-note text-cool">
		{form && 'done' in form ? 'Signed out everywhere else.' : ''}
	</p>
	<h2 class="mt-6 text-head">Password</h2>
	<p class="mt-1 text-ink-soft">
		To choose another one, <a href="/desk/password">have a link sent to your address</a>.
	</p>
</main>

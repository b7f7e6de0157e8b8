<script lang="ts">
	import { DEFAULT_DATE_LOCALE } from '$lib/messages';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';
	import { EMAIL_STATE_WORDS } from './email-states';

	let { data } = $props();

	const moment = new Intl.DateTimeFormat(DEFAULT_DATE_LOCALE, {
		dateStyle: 'medium',
		timeStyle: 'short',
		timeZone: 'UTC'
	});
</script>

<svelte:head><title>Test inbox · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-3xl px-6 py-8">
	<p class="text-note"><a href="/desk">Back to Today</a></p>
	<h1 class="mt-1 text-title">Test inbox</h1>
	<p class="mt-1 text-ink-soft">
		Emails arrive here instead of leaving this machine, just as people would see them.
	</p>
	<form method="GET" class="mt-4 flex flex-wrap items-end gap-3" role="search">
		<TextField name="q" label="Name, address or subject" value={data.sought} size="desk" maxlength={100} />
		<Button size="desk">Search emails</Button>
		{#if data.sought}<a class="pb-2 text-note" href="/post">Show all emails</a>{/if}
	</form>
	{#if data.emails.length === 0}
		<p class="mt-8 border-t border-ink pt-6 text-lead">
			{data.sought ? 'No emails match.' : 'No emails yet. Send a self-assessment first.'}
		</p>
	{:else}
		<ul class="mt-6 border-t border-ink">
			{#each data.emails as email (email.id)}
				<li class="border-b border-rule">
					<a
						class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 py-3 text-ink no-underline hover:bg-sheet"
						href="/post/{email.id}"
					>
						<span class="font-semibold"
							>{email.toName} <span class="font-normal text-ink-soft">{email.toEmail}</span></span
						>
						<span class="text-note text-ink-soft">{moment.format(email.writtenAt)}</span>
						<span>{email.subject}</span>
						<span
							class="text-end text-note"
							class:text-warm={email.state === 'bounced' || email.state === 'failed'}
							>{EMAIL_STATE_WORDS[email.state]}{email.tries > 1 ? `, ${email.tries} tries` : ''}</span
						>
					</a>
				</li>
			{/each}
		</ul>
	{/if}
</main>

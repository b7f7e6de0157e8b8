<script lang="ts">
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { deskWords } from '$lib/messages/desk';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';
	import HeldEmails from '$lib/ui/platform/email/HeldEmails.svelte';
	import UndeliveredEmails from '$lib/ui/platform/email/UndeliveredEmails.svelte';

	let { data, form } = $props();

	const texts = deskWords.waitingEmails;
	const { held, undelivered, limit } = $derived(data);
	const fault = $derived(form && 'fault' in form ? form.fault : null);
	const done = $derived(
		form && 'released' in form && form.released
			? texts.released(form.released)
			: form && 'cancelled' in form && form.cancelled
				? texts.cancelled(form.cancelled)
				: form && 'limitSet' in form
					? texts.limitSet
					: form && 'again' in form
						? texts.triedAgain(form.again ?? 0)
						: ''
	);
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="max-w-4xl px-6 py-6">
	<p class="text-note"><a href="/desk/users">{deskWords.accounts.accounts}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	<div role="status">
		{#if done}<div class="mt-3"><Notice kind="done">{done}</Notice></div>{/if}
	</div>
	{#if fault}<div class="mt-3"><Notice kind="caution" role="alert">{fault.message}</Notice></div>{/if}

	{#if held.length === 0}
		<div class="mt-6 border-t border-ink pt-4">
			<p class="text-lead">{texts.none}</p>
			<p class="mt-1 text-ink-soft">{texts.noneHint}</p>
		</div>
	{:else}
		<HeldEmails {held} />
	{/if}

	{#if undelivered.all > 0}<UndeliveredEmails {undelivered} />{/if}

	<section class="mt-8" aria-labelledby="limit">
		<h2 id="limit" class="text-head">{texts.limitHeading}</h2>
		<p class="mt-1 max-w-prose">
			{texts.limitLead(limit.perDay, limit.isSet)}
			{texts.sentToday(limit.sentToday)}
			{texts.keptBack(limit.keptBack)}
		</p>
		<p class="mt-1 max-w-prose text-note text-ink-soft">{texts.limitScope}</p>
		<form method="POST" action="?/limit" use:enhanceForm class="mt-3 flex flex-wrap items-end gap-3">
			<input type="hidden" name="version" value={limit.version} />
			<TextField
				name="perDay"
				label={texts.perDay}
				value={String(limit.perDay)}
				size="desk"
				inputmode="numeric"
				maxlength={7}
				fault={fault?.at === '/perDay' ? fault.message : undefined}
				isRequired
			/>
			<Button size="desk">{texts.setLimit}</Button>
		</form>
	</section>
</main>

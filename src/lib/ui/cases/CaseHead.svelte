<script lang="ts">
	import { enhance } from '$app/forms';
	import type { Level } from '$lib/core/triage';
	import { isGraver } from '$lib/core/triage';
	import ActFields from './ActFields.svelte';
	import { CaseForm } from './case-form.svelte';
	import FormFault from './FormFault.svelte';

	interface Props {
		person: {
			readonly id: string;
			readonly name: string;
			readonly email: string;
			readonly team: string;
			readonly phone: string;
			readonly timeZone: string;
			readonly leftAt: Date | null;
			readonly bouncedAt: Date | null;
		};
		listed: {
			readonly level: Level;
			readonly openSince: string | null;
			readonly settledAt: Date | null;
			readonly settledReason: string;
			readonly version: number;
		};
		isZoneKnown: boolean;
		zone: string;
		isCoordinator: boolean;
		hasAnswers: boolean;
		wasSent: boolean;
		hasPost: boolean;
		/** Scrolls to the form in which an outcome is recorded. */
		recordOutcome: () => void;
	}

	let {
		person,
		listed,
		isZoneKnown,
		zone,
		isCoordinator,
		hasAnswers,
		wasSent,
		hasPost,
		recordOutcome
	}: Props = $props();

	const date = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
	const settling = new CaseForm();
	let link = $state<string | null>(null);
	const sending = new CaseForm((result) => (link = typeof result.link === 'string' ? result.link : null));
	const needsOutcome = $derived(isGraver(listed.level, 'soon'));
	const facts = $derived([
		...(person.team ? [person.team] : []),
		person.email,
		...(person.leftAt ? [`left ${date.format(person.leftAt)}`] : []),
		...(person.bouncedAt ? ['letters come back'] : []),
		...(isZoneKnown ? [] : [`time zone “${person.timeZone}” is not known: ${zone} is used`])
	]);
</script>

<p class="text-note"><a href="/desk/people">People</a></p>
<div class="mt-1 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
	<div>
		<h1 class="text-title">{person.name}</h1>
		<p class="mt-1 text-ink-soft">
			{#if person.phone}<a class="num" href="tel:{person.phone.replaceAll(' ', '')}">{person.phone}</a> ·
			{/if}{facts.join(' · ')}
		</p>
	</div>
	{#if isCoordinator}
		<div class="no-print flex flex-wrap items-end gap-2">
			{#if needsOutcome}
				<button type="button" id="settle" class="btn btn-main" onclick={recordOutcome}
					>Record the outcome <kbd class="key" aria-hidden="true">E</kbd></button
				>
			{:else if listed.openSince !== null}
				<form
					method="POST"
					action="?/settle"
					use:enhance={settling.submit}
					class="flex flex-wrap items-end gap-2"
				>
					<ActFields form={settling} version={listed.version} />
					<label class="text-note"
						>Why it is settled <input
							class="field mt-0.5 w-56"
							name="reason"
							maxlength="300"
							placeholder="called, feels well"
						/></label
					>
					<button id="settle" class="btn btn-main" disabled={settling.isBusy}
						>Settle <kbd class="key" aria-hidden="true">E</kbd></button
					>
				</form>
			{:else if hasAnswers}
				<form method="POST" action="?/reopen" use:enhance={settling.submit} class="flex items-center gap-2">
					<ActFields form={settling} version={listed.version} />
					<span class="text-note text-ink-soft"
						>Settled{listed.settledAt ? ` ${date.format(listed.settledAt)}` : ''}{listed.settledReason
							? `: ${listed.settledReason}`
							: ''}.</span
					>
					<button class="btn" disabled={settling.isBusy}>Open again</button>
				</form>
			{/if}
			<form method="POST" action="?/send" use:enhance={sending.submit}>
				<ActFields form={sending} version={listed.version} />
				<button id="send" class="btn" class:btn-main={!wasSent} disabled={sending.isBusy}>
					{wasSent ? 'Send another self-assessment' : 'Send a self-assessment'}
					<kbd class="key" aria-hidden="true">S</kbd>
				</button>
			</form>
		</div>
	{/if}
</div>
<FormFault fault={settling.fault ?? sending.fault} />
<div role="status">
	{#if link}
		<div class="mt-4 border-l-4 border-cool bg-cool-wash px-4 py-2.5">
			<p class="font-semibold">
				{hasPost
					? 'The letter lies in the post office.'
					: 'The link is made. No mail server is set up, so pass it on yourself.'}
			</p>
			<p class="mt-0.5 text-note">This link is shown once, and opens {person.name}’s answers:</p>
			<p class="num mt-1 text-note break-all">{link}</p>
			{#if hasPost}<p class="mt-1 text-note"><a href="/post">Go to the post office</a></p>{/if}
		</div>
	{/if}
</div>

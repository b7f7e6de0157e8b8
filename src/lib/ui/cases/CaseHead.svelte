<script lang="ts">
	import { phoneHref, phoneWords } from '../platform/kit/phone-words';
	import { dayWords } from '$lib/messages/dates';
	import { enhanceForm } from '../platform/kit/enhance-form';
	import { type TriageLevel, isMoreUrgent } from '$lib/core/cases/triage/policy';
	import Button from '../platform/kit/Button.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import ActFields from './ActFields.svelte';
	import { CaseForm } from './case-form.svelte';
	import KeyWords from '../platform/shortcuts/KeyWords.svelte';
	import FormError from './FormError.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

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
			readonly level: TriageLevel;
			readonly openSince: string | null;
			readonly settledAt: Date | null;
			readonly settledReason: string;
			readonly version: number;
		};
		isZoneKnown: boolean;
		zone: string;
		/** The assigned coordinator's name. */
		owner: string | null;
		later: { readonly on: string; readonly reason: string } | null;
		hasAnswers: boolean;
		wasSent: boolean;
		hasPost: boolean;
		/** A hazard leaves the list once the person has fixed it, not by a button. */
		hasHazard: boolean;
	}

	let { person, listed, isZoneKnown, zone, owner, later, hasAnswers, wasSent, hasPost, hasHazard }: Props =
		$props();

	const settling = new CaseForm();
	let link = $state<string | null>(null);
	const sending = new CaseForm((result) => (link = typeof result.link === 'string' ? result.link : null));
	const needsOutcome = $derived(isMoreUrgent(listed.level, 'soon'));
	const facts = $derived([
		...(person.team ? [person.team] : []),
		person.email,
		...(person.leftAt ? [`left ${dayWords(person.leftAt)}`] : []),
		...(person.bouncedAt ? [texts.emailsReturned] : []),
		...(owner ? [texts.assignedToName(owner)] : []),
		...(later ? [texts.postponedUntil(dayWords(later.on, 'short'), later.reason)] : []),
		...(isZoneKnown ? [] : [texts.unknownTimeZone(person.timeZone, zone)])
	]);
</script>

<div class="flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
	<div>
		<h1 class="text-head">{person.name}</h1>
		<p class="text-note text-ink-soft">
			{#if person.phone}<a class="num" href={phoneHref(person.phone)}>{phoneWords(person.phone)}</a><span
					class="mx-1">·</span
				>{/if}{facts.join(' · ')}
		</p>
	</div>
	<div class="no-print flex flex-wrap items-end gap-2">
		{#if listed.openSince !== null && !needsOutcome && !hasHazard}
			<form
				method="POST"
				action="?/settle"
				use:enhanceForm={settling.submit}
				class="flex flex-wrap items-end gap-2"
			>
				<ActFields form={settling} version={listed.version} />
				<TextField
					name="reason"
					id="settle-reason"
					label={texts.doneReason}
					value=""
					maxlength={300}
					placeholder={texts.doneReason}
					isLabelHidden
					size="desk"
				/>
				<Button id="settle" look="main" size="desk" isBusy={settling.isBusy}><KeyWords act="settle" /></Button
				>
			</form>
		{:else if hasAnswers && !needsOutcome && !hasHazard}
			<form method="POST" action="?/reopen" use:enhanceForm={settling.submit} class="flex items-center gap-2">
				<ActFields form={settling} version={listed.version} />
				<span class="text-note text-ink-soft"
					>{texts.markedDone(listed.settledAt && dayWords(listed.settledAt), listed.settledReason)}</span
				>
				<Button size="desk" isBusy={settling.isBusy}>{texts.reopenCase}</Button>
			</form>
		{/if}
		{#if person.leftAt === null}
			<Button size="desk" href="/desk/cases/{person.id}/phone">{deskWords.phoneWalk.link}</Button>
			<Button size="desk" href="/desk/cases/{person.id}/together">{deskWords.sharedSession.link}</Button>
		{/if}
		<form method="POST" action="?/send" use:enhanceForm={sending.submit}>
			<ActFields form={sending} version={listed.version} />
			<Button id="send" size="desk" look={wasSent ? 'plain' : 'main'} isBusy={sending.isBusy}>
				{#if wasSent}{texts.sendAnother}{:else}<KeyWords act="send" />{/if}
			</Button>
		</form>
	</div>
</div>
<FormError fault={settling.fault ?? sending.fault} />
<div role="status">
	{#if link}
		<div class="mt-4 border-s-4 border-cool bg-cool-wash px-4 py-2.5">
			<p class="font-semibold">
				{texts.sentWhere(hasPost)}
			</p>
			<p class="mt-0.5 text-note">{texts.linkShownOnce(person.name)}</p>
			<p class="num mt-1 text-note break-all">{link}</p>
			{#if hasPost}<p class="mt-1 text-note"><a href="/post">{texts.openTestInbox}</a></p>{/if}
		</div>
	{/if}
</div>

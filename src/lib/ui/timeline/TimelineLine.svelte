<script lang="ts">
	import type { TimelineEntry } from '$lib/core/timeline';
	import type { Catalogue } from '$lib/messages';
	import { USUAL_LOCALE } from '$lib/messages';
	import { dayWords, momentWords } from '$lib/messages/desk-dates';
	import { closableEn, levelEn, reasonEn, regionScoreEn } from '$lib/messages/triage-en';
	import { CONTACT_WORDS } from '../cases/contact-words';
	import { actWords, LETTER_WORDS } from './timeline-words';

	interface Props {
		entry: TimelineEntry;
		personName: string;
		timeZone: string;
		t: Catalogue;
	}

	let { entry, personName, timeZone, t }: Props = $props();

	const list = new Intl.ListFormat(USUAL_LOCALE, { type: 'conjunction' });
	const { event } = $derived(entry);
	const who = $derived(entry.isPerson ? personName : entry.by);
</script>

<li class="line" class:theirs={entry.isPerson}>
	<p class="at">{momentWords(entry.at, timeZone)}</p>
	<div class="min-w-0">
		{#if event.kind === 'act'}
			<p>{who ?? 'Easy Corner'} {actWords(event, t)}</p>
		{:else if event.kind === 'message'}
			<p class="soft">{who ?? 'Your coordinator'} wrote</p>
			<p class="whitespace-pre-wrap">{event.text}</p>
		{:else if event.kind === 'note'}
			<p class="soft">Note of {who ?? 'somebody'}</p>
			<p class="whitespace-pre-wrap">{event.text}</p>
		{:else if event.kind === 'contact'}
			{@const { contact } = event}
			<p class="soft">{who ?? 'Somebody'}, {CONTACT_WORDS.how[contact.how].toLowerCase()}</p>
			<p>
				<strong>{CONTACT_WORDS.result[contact.result]}{contact.whom ? `: ${contact.whom}` : ''}.</strong>
				{contact.said}
			</p>
			{#if contact.closes.length > 0}<p>Outcome of {list.format(contact.closes.map(closableEn))}.</p>{/if}
			{#if contact.next === 'nothing'}<p>Nothing more: {contact.why}</p>
			{:else if contact.next === 'referral'}<p>Next: the clinician who was asked.</p>
			{:else if contact.nextOn}<p>Next on {dayWords(contact.nextOn)}.</p>{/if}
		{:else if event.kind === 'letter'}
			<p>
				Letter “{event.subject}”,
				<span class:text-warm={event.state === 'bounced' || event.state === 'failed'}
					>{LETTER_WORDS[event.state] ?? event.state}</span
				>{event.fault ? `: ${event.fault}` : ''}
			</p>
		{:else if event.kind === 'referral'}
			{#if event.event === 'asked'}
				<p class="soft">{event.to || 'A clinician'} was asked</p>
				<p class="whitespace-pre-wrap">{event.text}</p>
			{:else if event.event === 'written'}
				<p class="soft">{who ?? 'Somebody'}, about the referral</p>
				<p class="whitespace-pre-wrap">{event.text}</p>
			{:else}
				<p>The referral to {event.to || 'the clinician'} ended{event.text ? `: ${event.text}` : ''}</p>
			{/if}
		{:else if event.kind === 'discomfort'}
			<p>
				{personName} reported
				{event.discomfort.length === 0
					? 'that nothing hurts'
					: list.format(event.discomfort.map(regionScoreEn))}
			</p>
		{:else if event.kind === 'level'}
			<p>
				<strong>{levelEn[event.level].name}</strong>{event.before
					? `, was ${levelEn[event.before].name.toLowerCase()}`
					: ''}: {event.grounds.reasons
					.slice(0, 3)
					.map((reason) => reasonEn(reason, event.grounds))
					.join(' · ')}
			</p>
		{/if}
	</div>
</li>

<style>
	.line {
		display: grid;
		grid-template-columns: 8.5rem minmax(0, 1fr);
		gap: 0.75rem;
		padding: 0.3rem 0 0.3rem 0.6rem;
		border-bottom: 1px solid var(--rule);
		border-left: 3px solid transparent;
		font-size: var(--text-note);
	}
	.theirs {
		border-left-color: var(--cool);
	}
	.at,
	.soft {
		color: var(--ink-soft);
	}
	@media (max-width: 40rem) {
		.line {
			grid-template-columns: 1fr;
			gap: 0;
		}
	}
</style>

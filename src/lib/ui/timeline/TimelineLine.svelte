<script lang="ts">
	import type { TimelineEntry } from '$lib/core/timeline';
	import type { Catalogue } from '$lib/messages';
	import { DEFAULT_LOCALE } from '$lib/messages';
	import { dayWords, momentWords } from '$lib/messages/desk-dates';
	import { closableEn, levelEn, reasonEn, regionScoreEn } from '$lib/messages/triage-en';
	import { CONTACT_WORDS } from '$lib/messages/desk/contact-words';
	import { actWords, LETTER_WORDS } from '$lib/messages/desk/timeline-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.timeline;

	interface Props {
		entry: TimelineEntry;
		personName: string;
		timeZone: string;
		t: Catalogue;
	}

	let { entry, personName, timeZone, t }: Props = $props();

	const list = new Intl.ListFormat(DEFAULT_LOCALE, { type: 'conjunction' });
	const { event } = $derived(entry);
	const who = $derived(entry.isPerson ? personName : entry.by);
</script>

<li class="line" class:theirs={entry.isPerson}>
	<p class="at">{momentWords(entry.at, timeZone)}</p>
	<div class="min-w-0">
		{#if event.kind === 'act'}
			<p>{texts.easyCorner(who, actWords(event, t))}</p>
		{:else if event.kind === 'message'}
			<p class="soft">{texts.yourCoordinatorWrote(who)}</p>
			<p class="whitespace-pre-wrap">{event.text}</p>
		{:else if event.kind === 'note'}
			<p class="soft">{texts.noteOfSomebody(who)}</p>
			<p class="whitespace-pre-wrap">{event.text}</p>
		{:else if event.kind === 'contact'}
			{@const { contact } = event}
			<p class="soft">{texts.contact(who, CONTACT_WORDS.how[contact.how].toLowerCase())}</p>
			<p>
				<strong>{CONTACT_WORDS.result[contact.result]}{contact.whom ? `: ${contact.whom}` : ''}.</strong>
				{contact.said}
			</p>
			{#if contact.closes.length > 0}<p>
					{texts.outcomeOf(list.format(contact.closes.map(closableEn)))}
				</p>{/if}
			{#if contact.next === 'nothing'}<p>{texts.nothingMore(contact.why)}</p>
			{:else if contact.next === 'referral'}<p>{texts.nextTheClinicianWho}</p>
			{:else if contact.nextOn}<p>{texts.nextOn(dayWords(contact.nextOn))}</p>{/if}
		{:else if event.kind === 'letter'}
			<p>
				{texts.letter(event.subject)}
				<span class:text-warm={event.state === 'bounced' || event.state === 'failed'}
					>{LETTER_WORDS[event.state] ?? event.state}</span
				>{event.fault ? `: ${event.fault}` : ''}
			</p>
		{:else if event.kind === 'referral'}
			{#if event.event === 'asked'}
				<p class="soft">{texts.aClinicianWasAsked(event.to)}</p>
				<p class="whitespace-pre-wrap">{event.text}</p>
			{:else if event.event === 'written'}
				<p class="soft">{texts.somebodyAboutTheReferral(who)}</p>
				<p class="whitespace-pre-wrap">{event.text}</p>
			{:else}
				<p>{texts.theReferralToThe(event.to, event.text)}</p>
			{/if}
		{:else if event.kind === 'discomfort'}
			<p>
				{texts.reportedThatNothingHurts({
					personName,
					discomfort: event.discomfort.length,
					regionScoreEn: list.format(event.discomfort.map(regionScoreEn))
				})}
			</p>
		{:else if event.kind === 'level'}
			<p>
				<strong>{levelEn[event.level].name}</strong>{texts.was(
					event.before && levelEn[event.before].name.toLowerCase(),
					// The name of the level says this already.
					event.grounds.reasons
						.filter(({ code }) => code !== 'nothing-open')
						.slice(0, 3)
						.map((reason) => reasonEn(reason, event.grounds))
						.join(' · ')
				)}
			</p>
		{/if}
	</div>
</li>

<style>
	.line {
		display: grid;
		grid-template-columns: 8.5rem minmax(0, 1fr);
		gap: 0.75rem;
		padding-block: 0.3rem;
		padding-inline: 0.6rem 0;
		border-bottom: 1px solid var(--rule);
		border-inline-start: 3px solid transparent;
		font-size: var(--text-note);
	}
	.theirs {
		border-inline-start-color: var(--cool);
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

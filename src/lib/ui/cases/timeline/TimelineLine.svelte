<script lang="ts">
	import { CHECK_IDS } from '$lib/core/workstation/checks/check-values';
	import type { CoordinatorLook } from '$lib/core/cases/contact';
	import type { TimelineEntry } from '$lib/core/cases/timeline';
	import { dayWords, momentWords } from '$lib/messages/dates';
	import { closableWords, hazardWords, reasonWords, regionScoreWords } from '$lib/messages/desk/triage-words';
	import { actWords } from '$lib/messages/desk/timeline-words';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.timeline;

	interface Props {
		entry: TimelineEntry;
		personName: string;
		timeZone: string;
	}

	let { entry, personName, timeZone }: Props = $props();

	const { lists, checks } = deskCatalogue();
	const lookWords = (saw: CoordinatorLook) =>
		CHECK_IDS.flatMap((id) => {
			const seen = saw[id];
			return seen ? [texts.sawHeight[seen](checks.names[id])] : [];
		});
	const { event } = $derived(entry);
	const who = $derived(entry.isPerson ? personName : entry.by);
</script>

<li class="line" class:theirs={entry.isPerson}>
	<p class="at">{momentWords(entry.at, timeZone)}</p>
	<div class="min-w-0">
		{#if event.kind === 'act'}
			<p>{texts.act(who, actWords(event))}</p>
		{:else if event.kind === 'message'}
			<p class="soft">{texts.coordinatorWrote(who)}</p>
			<p class="whitespace-pre-wrap">{event.text}</p>
		{:else if event.kind === 'note'}
			<p class="soft">{texts.noteBy(who)}</p>
			<p class="whitespace-pre-wrap">{event.text}</p>
		{:else if event.kind === 'contact'}
			{@const { contact } = event}
			<p class="soft">{texts.contact(who, deskWords.contacts.how[contact.how])}</p>
			<p>
				<strong>{deskWords.contacts.result[contact.result]}{contact.whom ? `: ${contact.whom}` : ''}.</strong>
				{contact.said}
			</p>
			{#if contact.saw}<p>{texts.saw(lists.and(lookWords(contact.saw)))}</p>{/if}
			{#if contact.closes.length > 0}<p>
					{texts.outcomeOf(lists.and(contact.closes.map(closableWords)))}
				</p>{/if}
			{#if contact.fixed.length > 0}<p>
					{texts.hazardsFixed(lists.and(contact.fixed.map((one) => hazardWords(one) ?? one)))}
				</p>{/if}
			{#if contact.next === 'nothing'}<p>{texts.noNextStep(contact.why)}</p>
			{:else if contact.next === 'referral'}<p>{texts.nextClinician}</p>
			{:else if contact.nextOn}<p>{texts.nextContactOn(dayWords(contact.nextOn))}</p>{/if}
		{:else if event.kind === 'letter'}
			<p>
				{texts.email(event.subject)}
				<span class:text-warm={event.state === 'bounced' || event.state === 'failed'}
					>{deskWords.timeline.emailStates[event.state] ?? event.state}</span
				>{event.fault ? `: ${event.fault}` : ''}
			</p>
		{:else if event.kind === 'referral'}
			{#if event.event === 'asked'}
				<p class="soft">{texts.clinicianAsked(event.to)}</p>
				<p class="whitespace-pre-wrap">{event.text}</p>
			{:else if event.event === 'written'}
				<p class="soft">{texts.aboutReferral(who)}</p>
				<p class="whitespace-pre-wrap">{event.text}</p>
			{:else}
				<p>{texts.referralClosed(event.to, event.text)}</p>
			{/if}
		{:else if event.kind === 'discomfort'}
			<p>
				{texts.reported({
					personName,
					discomfort: event.discomfort.length,
					score: lists.and(event.discomfort.map(regionScoreWords))
				})}
			</p>
		{:else if event.kind === 'level'}
			<p>
				<strong>{deskWords.triage.levels[event.level].name}</strong>{texts.changedFrom(
					event.before && deskWords.triage.levels[event.before].name,
					// The name of the level says this already.
					event.grounds.reasons
						.filter(({ code }) => code !== 'nothing-open')
						.slice(0, 3)
						.map((reason) => reasonWords(reason, event.grounds))
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

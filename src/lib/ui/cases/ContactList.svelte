<script lang="ts">
	import type { ContactResult, ContactWay, NextStep } from '$lib/core/contact';
	import type { Closable } from '$lib/core/judgement';
	import { closableEn } from '$lib/messages/triage-en';
	import { CONTACT_WORDS } from './contact-words';

	interface Props {
		contacts: readonly {
			readonly id: string;
			readonly at: Date;
			readonly how: ContactWay;
			readonly result: ContactResult;
			readonly whom: string;
			readonly said: string;
			readonly closes: readonly Closable[];
			readonly next: NextStep | null;
			readonly nextOn: string | null;
			readonly why: string;
			readonly authorName: string | null;
		}[];
		timeZone: string;
	}

	let { contacts, timeZone }: Props = $props();

	const moment = $derived(
		new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone })
	);
	const date = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' });
	const list = new Intl.ListFormat('en', { type: 'conjunction' });
</script>

<ol class="mt-2 text-note">
	{#each contacts as contact (contact.id)}
		<li class="border-t border-rule py-1.5">
			<p class="text-ink-soft">
				{contact.authorName ?? 'Somebody'}, {moment.format(contact.at)}, {CONTACT_WORDS.how[
					contact.how
				].toLowerCase()}
			</p>
			<p>
				<strong>{CONTACT_WORDS.result[contact.result]}{contact.whom ? `: ${contact.whom}` : ''}.</strong>
				{contact.said}
			</p>
			{#if contact.closes.length > 0}
				<p>Outcome of {list.format(contact.closes.map(closableEn))}.</p>
			{/if}
			{#if contact.next === 'nothing'}<p>Nothing more: {contact.why}</p>
			{:else if contact.next === 'referral'}<p>Next: the clinician who was asked.</p>
			{:else if contact.nextOn}<p>Next on {date.format(new Date(`${contact.nextOn}T00:00:00Z`))}.</p>{/if}
		</li>
	{/each}
</ol>

<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import type { Judgement } from '$lib/core/judgement';
	import type { LengthUnit } from '$lib/core/length';
	import type { Catalogue } from '$lib/messages';
	import { reasonEn } from '$lib/messages/triage-en';
	import type CaseCorner from './CaseCorner.svelte';
	import CaseRecord from './CaseRecord.svelte';
	import ContactForm from './ContactForm.svelte';
	import ContactList from './ContactList.svelte';
	import DiscomfortOverTime from './DiscomfortOverTime.svelte';
	import EquipmentList from './EquipmentList.svelte';
	import FollowUpForm from './FollowUpForm.svelte';
	import MessageThread from './MessageThread.svelte';
	import NoteList from './NoteList.svelte';
	import PersonForm from './PersonForm.svelte';
	import ReferForm from './ReferForm.svelte';

	type Referral = ComponentProps<typeof ReferForm>['past'][number] &
		NonNullable<ComponentProps<typeof ReferForm>['open']> & { readonly endedAt: Date | null };
	type FollowUps = ComponentProps<typeof FollowUpForm>;
	type Messages = ComponentProps<typeof MessageThread>;
	type Record = ComponentProps<typeof CaseRecord>;

	interface Props {
		/** What the page of a case has beside the corner. */
		page: {
			readonly role: string;
			readonly person: ComponentProps<typeof PersonForm>['person'] & { readonly id: string };
			readonly listed: { readonly version: number };
			readonly judgement: Judgement | null;
			readonly corner: Pick<ComponentProps<typeof CaseCorner>, 'corner'> | null;
			readonly contacts: ComponentProps<typeof ContactList>['contacts'];
			readonly followUps: Omit<FollowUps, 'personId' | 'chain' | 'today'>;
			readonly chain: FollowUps['chain'];
			readonly equipment: ComponentProps<typeof EquipmentList>['requests'];
			readonly reports: ComponentProps<typeof DiscomfortOverTime>['over'];
			readonly messages: Messages['messages'];
			readonly reply: string;
			readonly clinicians: ComponentProps<typeof ReferForm>['clinicians'];
			readonly referrals: readonly Referral[];
			readonly notes: ComponentProps<typeof NoteList>['notes'];
			readonly log: Record['log'];
			readonly history: Record['history'];
			readonly timeZone: string;
			readonly today: string;
		};
		contact: ComponentProps<typeof ContactForm>;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { page, contact, t, unit }: Props = $props();

	const person = $derived(page.person);
	const isCoordinator = $derived(page.role === 'coordinator');
	const openReferral = $derived(page.referrals.find(({ endedAt }) => endedAt === null) ?? null);
	const reason = $derived(
		page.judgement?.reasons.find(({ level }) => level === 'now' || level === 'clinician')
	);
</script>

<aside class="min-w-0">
	<section>
		<h2 class="heading">Contact</h2>
		<details class="no-print mt-2">
			<summary class="link-button text-note">Record a call or a talk …</summary>
			<ContactForm {...contact} />
		</details>
		<ContactList contacts={page.contacts} timeZone={page.timeZone} />
	</section>
	{#if isCoordinator}
		<section class="mt-7">
			<h2 class="heading">Follow-up</h2>
			<FollowUpForm personId={person.id} {...page.followUps} chain={page.chain} today={page.today} />
		</section>
	{/if}
	{#if page.equipment.length > 0}
		<section class="mt-7">
			<h2 class="heading">Asked for</h2>
			<EquipmentList requests={page.equipment} personId={person.id} {t} canDecide={isCoordinator} />
		</section>
	{/if}
	{#if page.reports.some(({ discomfort }) => discomfort.length > 0)}
		<section class="mt-7">
			<h2 class="heading">Discomfort</h2>
			<DiscomfortOverTime over={page.reports} {t} />
		</section>
	{/if}
	<section class="mt-7">
		<h2 class="heading">Messages</h2>
		<MessageThread
			personId={person.id}
			personName={person.name}
			messages={page.messages}
			timeZone={page.timeZone}
			reply={page.reply}
			version={page.listed.version}
			canWrite={isCoordinator}
		/>
	</section>
	<section class="mt-7">
		<h2 class="heading">Clinician</h2>
		<ReferForm
			personId={person.id}
			clinicians={page.clinicians}
			question={reason && page.judgement
				? `${reasonEn(reason, page.judgement)}. Please look at it, and say what should be changed at work or left alone.`
				: ''}
			open={openReferral}
			past={page.referrals.filter(({ endedAt }) => endedAt !== null)}
			isClinician={page.role === 'clinician'}
			version={page.listed.version}
		/>
	</section>
	<section class="mt-7">
		<h2 class="heading">Notes</h2>
		<NoteList givenName={person.name.split(' ')[0] ?? ''} notes={page.notes} timeZone={page.timeZone} />
	</section>
	{#if isCoordinator}
		<details class="mt-7">
			<summary class="link-button text-note">Name, address, phone, team, country …</summary>
			<PersonForm {person} />
		</details>
	{/if}
	<CaseRecord
		personName={person.name}
		corner={page.corner?.corner ?? null}
		log={page.log}
		history={page.history}
		timeZone={page.timeZone}
		{t}
		{unit}
	/>
</aside>

<style>
	.heading {
		padding-bottom: 0.375rem;
		border-bottom: 1px solid var(--ink);
		font-size: var(--text-lead);
	}
</style>

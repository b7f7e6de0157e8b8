<script lang="ts">
	import type { PolicySettings } from '$lib/core/cases/triage/policy-settings';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import { onMount, type ComponentProps } from 'svelte';
	import type { DaySheetRow } from './sheet-words';
	import { dayWords } from '$lib/messages/dates';
	import { actSentence } from '$lib/messages/desk/act-sentence';
	import { DaySheet } from './day-sheet.svelte';
	import FirstStepList from './FirstStepList.svelte';
	import SheetAside from './SheetAside.svelte';
	import SheetFilters from './SheetFilters.svelte';
	import { followDesk } from './follow-desk';
	import SheetBatch from './SheetBatch.svelte';
	import SheetGroups from './SheetGroups.svelte';
	import TodaysActs from './TodaysActs.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import { useShortcuts } from '../../platform/shortcuts/context';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.daySheet;

	interface Props {
		data: {
			readonly today: string;
			readonly timeZone: string;
			readonly unit: LengthUnit;
			readonly filter: ComponentProps<typeof SheetFilters>['filter'];
			readonly userId: string | null;
			readonly teams: readonly string[];
			readonly countries: readonly string[];
			readonly sheet: Parameters<typeof deskWords.sheet.summary>[0] & {
				readonly lines: readonly DaySheetRow[];
				readonly forThings: number;
				readonly bounced: number;
				/** People still to be assessed under the present rules, and emails waiting for a coordinator's release. */
				readonly toRejudge: number;
				readonly held: number;
				readonly refusedEmails: { readonly n: number; readonly words: string };
				/** The settings by which levels are given. */
				readonly policy: PolicySettings;
			};
			readonly acts: ComponentProps<typeof TodaysActs>['acts'];
			/** What a new organisation does first; null once something was sent. */
			readonly firstSteps: ComponentProps<typeof FirstStepList>['steps'] | null;
			/** Colleagues who are away and for whom the user stands in. */
			readonly standingIn: readonly { readonly name: string; readonly until: string }[];
		};
		form: Record<string, unknown> | null;
	}

	let { data, form }: Props = $props();

	const t = deskCatalogue();
	const shortcuts = useShortcuts();
	const sheet = new DaySheet(() => ({
		lines: data.sheet.lines,
		today: data.today,
		policy: data.sheet.policy
	}));

	onMount(() => sheet.takeFocus());
	$effect(() => sheet.loadBrief());
	$effect(() => sheet.focusWanted());
	$effect(() => shortcuts.add(sheet.keys()));
	$effect(() => followDesk());

	const isNarrowed = $derived(Object.values(data.filter).some((of) => of !== ''));
	const sentence = $derived(deskWords.sheet.summary(data.sheet));
	const standingIn = $derived.by(() => {
		const { standingInUntil, standingIn: words } = deskWords.accounts.absence;
		const names = data.standingIn.map(({ name, until }) => standingInUntil(name, dayWords(until, 'medium')));
		return names.length > 0 ? words(t.lists.and(names)) : '';
	});
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
	const told = $derived(form ? actSentence(form) : '');
</script>

<main class="sheet-page" onfocusin={sheet.focused} {@attach (page) => sheet.mendFocus(page)}>
	<div class="min-w-0">
		<header class="head">
			<h1 class="text-head">{dayWords(data.today, 'today')}</h1>
			<p class="text-ink-soft">{sentence}</p>
			{#if standingIn}<p>{standingIn}</p>{/if}
			{#if data.sheet.forThings > 0}
				<p class="text-ink-soft">
					<a href="/desk/equipment">{deskWords.sheet.onTheWay(data.sheet.forThings)}</a>
				</p>
			{/if}
			{#if data.sheet.bounced > 0}
				<p class="text-ink-soft">
					<a href="/desk/people?who=bounced">{deskWords.sheet.bounced(data.sheet.bounced)}</a>
				</p>
			{/if}
		</header>
		<div class="tools">
			<SheetFilters filter={data.filter} teams={data.teams} countries={data.countries} {isNarrowed} />
			<TodaysActs acts={data.acts} timeZone={data.timeZone} undoing={sheet.undoing} />
		</div>
		{#if data.sheet.toRejudge > 0}
			<p class="mt-2 border-s-4 border-cool bg-cool-wash px-3 py-1.5" role="status">
				{deskWords.sheet.rejudging(data.sheet.toRejudge)}
			</p>
		{/if}
		{#if data.sheet.refusedEmails.n > 0}
			<form
				method="POST"
				action="/desk/waiting-emails?/again"
				class="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 border-s-4 border-warm bg-warm-wash px-3 py-1.5"
			>
				<p class="min-w-0 flex-1 basis-80 break-words">
					{deskWords.sheet.refusedEmails(data.sheet.refusedEmails)}
					<a href="/desk/waiting-emails">{texts.seeRefusedEmails}</a>
				</p>
				<Button size="desk">{deskWords.waitingEmails.tryAllAgain}</Button>
			</form>
		{/if}
		{#if data.sheet.held > 0}
			<p class="mt-2 border-s-4 border-warm bg-warm-wash px-3 py-1.5">
				{deskWords.sheet.held(data.sheet.held)} <a href="/desk/waiting-emails">{texts.reviewWaitingEmails}</a>
			</p>
		{/if}
		<div role="status">
			{#if told}<p class="mt-2 border-s-4 border-cool bg-cool-wash px-3 py-1 text-note">{told}</p>
			{:else if fault}<p class="mt-2 border-s-4 border-warm bg-warm-wash px-3 py-1">{fault}</p>{/if}
		</div>
		{#if data.firstSteps}
			<FirstStepList steps={data.firstSteps} />
		{:else if sheet.lines.length === 0}
			<div class="mt-8 border-t border-ink pt-6">
				<p class="text-lead">{texts.emptyList(isNarrowed)}</p>
				<p class="mt-1 text-ink-soft">{texts.newAnswersHint}</p>
				<p class="mt-5">
					<Button href={isNarrowed ? '/desk' : '/desk/people'} size="desk"
						>{texts.showAllOrPeople(isNarrowed)}</Button
					>
				</p>
			</div>
		{/if}
		<SheetGroups
			{sheet}
			today={data.today}
			timeZone={data.timeZone}
			userId={data.userId}
			{t}
			unit={data.unit}
		/>
		{#if data.sheet.total + data.sheet.toAcknowledge > data.sheet.lines.length}
			<p class="mt-4 text-note text-ink-soft">
				{deskWords.sheet.firstShown(data.sheet.lines.length, data.sheet.total + data.sheet.toAcknowledge)}
			</p>
		{/if}
		<SheetBatch {sheet} />
	</div>
	<SheetAside {sheet} {t} unit={data.unit} today={data.today} userId={data.userId} />
</main>

<style>
	.sheet-page {
		display: grid;
		gap: 1.25rem;
		padding: 0.5rem 1.5rem;
	}
	.head {
		display: flex;
		flex-wrap: wrap;
		gap: 0.1rem 1rem;
		align-items: baseline;
	}
	.tools {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem 1rem;
		align-items: center;
		justify-content: space-between;
		margin-top: 0.4rem;
	}
	/* One row: what it costs is a line of the sheet. */
	.tools :global(.kit-filters) {
		gap: 0.5rem;
	}
	.tools :global(.kit-select) {
		max-width: 7.75rem;
	}
	@media (min-width: 72rem) {
		.sheet-page:has(:global(.beside)) {
			grid-template-columns: minmax(0, 1fr) 22rem;
		}
	}
</style>

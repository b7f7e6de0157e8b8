<script lang="ts">
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import { dayWords } from '$lib/messages/dates';
	import { isSamePlace, loadWords } from '$lib/messages/desk/letter-words';
	import { reasonWords, regionWithin, signWords } from '$lib/messages/desk/triage-words';
	import type { ReferralLetter } from '$lib/core/cases/referral/letter';
	import type { ComponentProps } from 'svelte';
	import LetterheadLines from '../../platform/organisation/LetterheadLines.svelte';
	import { checkWords } from '../../workstation/gap-mark/check-words';
	import { deskWords } from '$lib/messages/desk';
	import { itemWords } from '$lib/messages/desk/workforce-words';

	const texts = deskWords.referrals;

	interface Props {
		letter: ReferralLetter;
		letterhead: ComponentProps<typeof LetterheadLines>['letterhead'];
		/** The date of writing, where it is not sent yet. */
		today: string;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { letter, letterhead, today, t, unit }: Props = $props();

	const first = $derived(letter.over[0]);
	const latest = $derived(letter.over.at(-1));
	/** Every place ever named, the sorest now first, with each report. */
	const course = $derived.by(() => {
		const all = letter.over.flatMap(({ discomfort }) => discomfort);
		const places = all.filter((one, i) => all.findIndex((other) => isSamePlace(one, other)) === i);
		return places
			.map((place) => {
				const told = letter.over.map(({ at, discomfort }) => ({
					at,
					report: discomfort.find((one) => isSamePlace(one, place)) ?? null
				}));
				return { place, told, now: told.at(-1)?.report ?? null };
			})
			.sort((a, b) => (b.now?.worst ?? 0) - (a.now?.worst ?? 0));
	});
	/** Reports that fit a row: the first and the newest ones. */
	const MOST_REPORTS = 4;
	const shownReports = $derived(
		letter.over.length > MOST_REPORTS
			? [...letter.over.slice(0, 1), ...letter.over.slice(1 - MOST_REPORTS)]
			: letter.over
	);
	const changed = $derived(
		(letter.assessmentResult?.standing ?? []).map((check) => ({
			check,
			before: letter.assessmentResult?.first.find(({ id, value }) => id === check.id && value !== check.value)
		}))
	);
</script>

<article class="letter">
	<div class="mb-2"><LetterheadLines {letterhead} /></div>
	<p class="flex justify-between gap-4">
		<span>{texts.sender(letter.by?.name ?? '', letter.by?.email)}</span>
		<span class="whitespace-nowrap">{dayWords(letter.at ?? today)}</span>
	</p>
	<p class="mt-3">{texts.recipient(letter.to)}</p>
	<h1 class="mt-3 text-head">
		{texts.patient(letter.person.name, letter.person.staffNumber, letter.person.team)}
	</h1>
	<p class="mt-2 font-semibold">
		{texts.question(letter.question)}
	</p>
	<p class="mt-1">
		{#if letter.answerBy}{texts.answerBy(dayWords(letter.answerBy))}{/if}
		{letter.consentHow
			? `${letter.person.name} ${deskWords.letter.consent[letter.consentHow]}.`
			: texts.noConsentYet}
	</p>
	{#if letter.assessmentResult && letter.assessmentResult.reasons.length > 0}
		{@const { assessmentResult } = letter}
		<h2>{texts.whyNow}</h2>
		<ul>
			{#each assessmentResult.reasons as reason, i (i)}
				<li>
					{texts.reasonSince(
						reasonWords(reason, assessmentResult).replace(/^Needs a clinician: /, ''),
						dayWords(reason.on)
					)}
				</li>
			{/each}
		</ul>
	{/if}
	{#if letter.signs.length > 0}
		<h2>{texts.signsReported}</h2>
		<ul>
			{#each letter.signs as { sign, at, takenBackAt }, i (i)}
				<li>
					{texts.signReport(signWords(sign), dayWords(at), takenBackAt && dayWords(takenBackAt))}
				</li>
			{/each}
		</ul>
	{/if}
	{#if first && latest && course.length > 0}
		<h2>{texts.discomfortHeading}</h2>
		<table class="kit-paper-table mt-1">
			<thead
				><tr
					><th>{texts.where}</th>{#each shownReports as { at }, i (i)}<th class="num"
							>{dayWords(at, 'medium')}</th
						>{/each}<th>{texts.now}</th></tr
				></thead
			>
			<tbody>
				{#each course as { place, told, now }, i (i)}
					<tr>
						<td>{regionWithin(place)}</td>
						{#each shownReports as { at }, k (k)}
							<td class="num">{told.find((one) => one.at === at)?.report?.worst ?? 0}</td>
						{/each}
						<td>
							{#if now}{texts.daysAndHindrance({
									days: now.days,
									kinds: [
										...(now.parts ?? []).map((part) => t.discomfort.partOptions[part]),
										...now.kinds.map((kind) => t.discomfort.kindOptions[kind])
									].join(', '),
									isNo: now.hinders === 'no',
									isMuch: now.hinders === 'much'
								})}{:else}{texts.noLongerNamed}{/if}
						</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
	{#if letter.steps.length + letter.arrived.length > 0}
		<h2>{texts.stepsTried}</h2>
		<ul>
			{#each letter.steps as step (step.place)}
				<li>
					{texts.stepTried({
						place: t.steps.places[step.place],
						things: step.with,
						at: dayWords(step.at)
					})}
				</li>
			{/each}
			{#each letter.arrived as thing, i (i)}
				<li>{itemWords(thing.purchase)}{thing.at ? `: ${dayWords(thing.at)}` : ''}</li>
			{/each}
		</ul>
	{/if}
	{#if letter.corner}
		{@const { corner } = letter}
		<h2>{texts.workstationNow}</h2>
		<p>
			{texts.howTheyWork({
				posture: deskWords.letter.postures[corner.posture],
				seat: corner.seat && deskWords.letter.seats[corner.seat],
				isLaptop: corner.screen === 'laptop',
				hasOwnKeys: corner.keys !== 'separate',
				hand: corner.hand,
				lenses: corner.lenses === 'none' ? null : t.options.lenses[corner.lenses]
			})}
		</p>
		<ul>
			{#each changed as { check, before } (check.id)}
				<li>
					{texts.checkLine({
						names: t.checks.names[check.id],
						check: checkWords(check, t, unit),
						load: loadWords(check) ? ` (${loadWords(check)})` : '',
						before: before ? checkWords(before, t, unit) : null
					})}
				</li>
			{/each}
		</ul>
	{/if}
	{#if letter.ending}<p class="mt-3 whitespace-pre-line">{letter.ending}</p>{/if}
	<p class="mt-3 text-note">
		{texts.ownAnswersNote}
	</p>
</article>

<style>
	.letter {
		max-width: 46rem;
	}
	h2 {
		margin-top: 0.8rem;
		font-size: var(--text-body);
	}
	ul {
		padding-inline-start: 1.1rem;
		list-style: disc;
	}
	li::first-letter {
		text-transform: uppercase;
	}
	@media print {
		.letter {
			font-size: 10pt;
		}
	}
</style>

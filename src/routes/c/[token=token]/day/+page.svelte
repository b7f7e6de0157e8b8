<script lang="ts">
	import { onMount } from 'svelte';
	import { unitOf } from '$lib/core/questionnaire/answers/fields';
	import { messagesFor } from '$lib/messages';
	import { breakTextsFor } from '$lib/messages/breaks';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import BreakTable from '$lib/ui/breaks/BreakTable.svelte';
	import MomentOfDay from '$lib/ui/breaks/MomentOfDay.svelte';
	import HoursForm from '$lib/ui/breaks/HoursForm.svelte';
	import MeetingsForm from '$lib/ui/breaks/MeetingsForm.svelte';
	import { dayOnDevice, BreaksDay } from '$lib/ui/breaks/breaks-day.svelte';
	import BreakScheduleForm from '$lib/ui/breaks/BreakScheduleForm.svelte';
	import ShareForm from '$lib/ui/breaks/ShareForm.svelte';
	import TakeBreaks from '$lib/ui/breaks/TakeBreaks.svelte';
	import { deviceStorage } from '$lib/ui/questionnaire/device-storage';

	let { data } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(breakTextsFor(data.locale));
	const visit = new BreaksDay(() => data);
	const plan = $derived(visit.plan);
	const canStand = $derived(data.places.some(({ posture }) => posture === 'standing'));
	const isAsMeant = $derived(plan.longestMin <= visit.upEveryMin);
	const longest = $derived.by(() => {
		const words = texts.day;
		const of = visit.isSeated ? words.longestSeated : canStand ? words.longestAnyPlace : words.longest;
		return of(plan.longestMin);
	});
	const secondsInAll = $derived(visit.real.reduce((sum, { takesS }) => sum + takesS, 0));
	const carried = $derived(t.lists.and(data.carried.map((thing) => texts.day.carried[thing])));

	onMount(() => {
		visit.today = dayOnDevice(new Date());
		visit.open(deviceStorage());
	});
</script>

<svelte:head><title>{texts.day.title} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-6xl px-5 py-5 md:px-8">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-4 text-title">{texts.day.title}</h1>
	<p class="mt-2 max-w-prose text-lead">{texts.day.lead}</p>
	<section class="mt-5">
		<p class="text-lead font-semibold" role="status">
			{texts.day.real(visit.real.length, Math.round(secondsInAll / 60))}
		</p>
		{#if visit.small.length > 0}<p>{texts.day.smallToo(visit.small.length)}</p>{/if}
		<p>
			{longest}
			{isAsMeant ? texts.day.asMeant : texts.day.noLess}
			{#if plan.longestWithoutMin > plan.longestMin}{texts.day.without(plan.longestWithoutMin)}{/if}
			{#if plan.standingShare !== null && plan.standingShare > 0}
				{texts.day.standing(Math.round(plan.standingShare * 100))}
			{/if}
		</p>
		<MomentOfDay
			{visit}
			views={data.views}
			isInWheelchair={data.body.isInWheelchair}
			unit={unitOf(data.answers)}
			{t}
			{texts}
		/>
		<p class="mt-4"><Button look="main" href="/c/{data.token}/break">{texts.day.begin}</Button></p>
		<BreakTable {visit} changesOften={data.isLaptopAlone} {texts} />
		{#if data.isLaptopAlone}
			<div class="mt-3"><Notice><p>{texts.day.laptopAlone}</p></Notice></div>
		{/if}
		{#if data.places.length > 1 && data.carried.length > 0}
			<p class="mt-2">{texts.day.carry(carried)}</p>
		{/if}
	</section>
	<div class="parts">
		<BreakScheduleForm
			sentBreakSchedule={data.sentBreakSchedule}
			chosenBreakSchedule={data.chosenBreakSchedule}
			offered={data.offeredSchedules}
			share={data.share}
			{canStand}
			isSeated={visit.isSeated}
			{texts}
		/>
		<HoursForm {visit} {texts} />
		<MeetingsForm {visit} {texts} />
		<div class="grid content-start gap-5">
			<TakeBreaks breaks={visit.real} today={visit.today} isSeated={visit.isSeated} {texts} />
			<ShareForm isShared={data.isShared} {texts} />
		</div>
	</div>
	<p class="mt-6 border-t border-rule pt-4">
		<Button href="/c/{data.token}/plan">{t.messages.back}</Button>
	</p>
</main>

<style>
	.parts {
		display: grid;
		gap: 2rem;
		margin-top: 2rem;
	}
	@media (min-width: 60rem) {
		.parts {
			grid-template-columns: repeat(2, minmax(0, 1fr));
			gap: 2rem 3rem;
		}
	}
</style>

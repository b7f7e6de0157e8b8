<script lang="ts">
	import type { PlanStep } from '$lib/core/plan/plan-steps';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';

	interface Props {
		token: string;
		/** Whether every step is ticked, here or on the server. */
		isDone: boolean;
		/** Open problems besides heights: nobody is told that all is done while there is one. */
		openProblems: number;
		next: {
			readonly isAsked: boolean;
			readonly checkInOn: string | null;
			readonly recheckOn: string | null;
		};
		earlier: readonly { readonly madeAt: Date; readonly steps: readonly PlanStep[] }[];
		t: Catalogue;
	}

	let { token, isDone, openProblems, next, earlier, t }: Props = $props();

	const day = (iso: string) => t.dates.day(new Date(`${iso}T00:00:00Z`));
	const names = (steps: readonly PlanStep[]) =>
		t.lists.and(
			steps.map(({ place, pieces }) =>
				[
					t.steps.places[place],
					...(pieces.length > 0 ? [`(${t.lists.things(pieces.map((p) => p.label))})`] : [])
				].join(' ')
			)
		);
</script>

<section class="mt-6 border-t border-rule pt-4">
	{#if isDone}
		<h2 class="text-lead">{openProblems > 0 ? t.plan.stepsDoneTitle(openProblems) : t.plan.doneTitle}</h2>
		<p class="mt-1">{t.plan.doneLead}</p>
	{/if}
	{#if next.isAsked}
		<p class="mt-2">{t.plan.askedNow}</p>
		<p class="no-print mt-2"><Button look="main" href="/c/{token}/check-in">{t.plan.tellNow}</Button></p>
	{:else if next.checkInOn}
		<p class="mt-2 font-semibold">{t.plan.askAgain(day(next.checkInOn))}</p>
	{/if}
	<p class="no-print mt-1"><Button look="quiet" href="/c/{token}/day">{t.plan.dayLink}</Button></p>
	{#if next.recheckOn}<p class="mt-1 text-ink-soft">{t.plan.lookAgain(day(next.recheckOn))}</p>{/if}
	{#if !next.isAsked}
		<p class="no-print mt-1">
			<Button look="quiet" href="/c/{token}/check-in">{t.plan.somethingNew}</Button>
		</p>
	{/if}
	{#if earlier.length > 0}
		<details class="no-print mt-2">
			<summary class="inline-flex min-h-11 cursor-pointer items-center text-cool underline"
				>{t.plan.earlier}</summary
			>
			<ul class="text-note">
				{#each earlier as plan, i (i)}
					<li class="border-t border-rule py-1.5">
						<span class="text-ink-soft">{t.lists.label(t.plan.earlierOf(t.dates.day(plan.madeAt)))}</span>
						{names(plan.steps) || t.plan.titleNone}
					</li>
				{/each}
			</ul>
		</details>
	{/if}
</section>

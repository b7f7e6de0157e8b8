<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import { enhanceForm } from '../platform/kit/enhance-form';
	import type { AdvisedViewingDistance } from '$lib/core/plan/advice/advised-viewing-distance';
	import type { Habit } from '$lib/core/questionnaire/checklist/habits';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import { isOffline } from '../platform/kit/is-offline.svelte';
	import { habitWords } from './habit-words';

	interface Props {
		habits: readonly Habit[];
		told: AdvisedViewingDistance;
		/** Saves an answer without waiting for the server; through the server only if left out. */
		answer?: ((habit: Habit, isSo: boolean) => void) | null;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { habits, told, answer = null, t, unit }: Props = $props();

	const id = $props.id();
</script>

<section class="habits mt-6" aria-labelledby={id}>
	<h2 {id} class="text-lead">{t.habits.title}</h2>
	<p class="no-print text-note text-ink-soft">{t.habits.lead}</p>
	<ul class="mt-2 border-t border-rule">
		{#each habits as habit (habit.id)}
			{@const words = habitWords(habit, told, t, unit)}
			<li class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b border-rule py-2">
				<span class="words min-w-48 flex-1"
					>{words}
					{#if habit.isSo === false}<a
							class="no-print flex min-h-11 items-center text-note font-semibold text-cool underline"
							href="#finding-{habit.finding}">{t.habits.added}</a
						>{/if}</span
				>
				{#if habit.question}
					<form
						method="POST"
						action="?/habit"
						class="no-print flex gap-2"
						use:enhanceForm={({ cancel, formData }) => {
							if (!answer) return ({ update }) => update({ reset: false });
							cancel();
							answer(habit, formData.get('isSo') === 'yes');
						}}
					>
						<input type="hidden" name="habit" value={habit.id} />
						{#each [true, false] as isSo (isSo)}
							{@const said = isSo ? t.habits.yes : t.habits.notYet}
							<Button
								name="isSo"
								value={isSo ? 'yes' : 'no'}
								aria-pressed={habit.isSo === isSo}
								disabled={!answer && isOffline.current}
								aria-label={t.lists.of(said, words)}
								>{#if habit.isSo === isSo}<Check size={16} aria-hidden="true" />{/if}{said}</Button
							>
						{/each}
					</form>
				{/if}
			</li>
		{/each}
	</ul>
</section>

<script lang="ts">
	import type { Closable, Judgement } from '$lib/core/judgement';
	import { isGraver } from '$lib/core/triage';
	import { levelEn, reasonEn } from '$lib/messages/triage-en';
	import ContactForm from './ContactForm.svelte';

	interface Props {
		judgement: Judgement;
		actBy: string | null;
		/** Signs that the person has taken back since: open all the same. */
		takenBack: readonly string[];
		contact: {
			readonly personId: string;
			readonly phone: string;
			readonly closable: readonly Closable[];
			readonly isReferred: boolean;
			readonly version: number;
			readonly today: string;
		};
		canAct: boolean;
	}

	let { judgement, actBy, takenBack, contact, canAct }: Props = $props();

	const date = new Intl.DateTimeFormat('en-GB', {
		day: 'numeric',
		month: 'long',
		year: 'numeric',
		timeZone: 'UTC'
	});
	const day = (iso: string) => date.format(new Date(`${iso}T00:00:00Z`));
	const isGrave = $derived(isGraver(judgement.level, 'help'));
</script>

<section
	class="mb-5 border-l-8 px-4 py-3 {isGrave ? 'border-warm bg-warm-wash' : 'border-cool bg-cool-wash'}"
>
	<h2 class="text-lead">{levelEn[judgement.level].name}{actBy ? `, by ${day(actBy)}` : ''}</h2>
	<ul class="mt-1">
		{#each judgement.reasons as reason, i (i)}
			<li class:font-semibold={i === 0}>
				{reasonEn(reason, judgement)}
				<span class="text-note text-ink-soft"
					>since {day(reason.on)}{reason.sign && takenBack.includes(reason.sign)
						? '; the person says it was a slip'
						: ''}</span
				>
			</li>
		{/each}
	</ul>
	<p class="mt-1 text-note text-ink-soft">{levelEn[judgement.level].rule}</p>
	{#if canAct && contact.closable.length > 0}
		<details id="outcome" class="mt-2">
			<summary class="btn">Record the outcome …</summary>
			<ContactForm {...contact} />
		</details>
	{/if}
</section>

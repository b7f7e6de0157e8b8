<script lang="ts">
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.referrals;

	interface Props {
		referrals: readonly {
			readonly id: string;
			readonly at: Date;
			readonly answerBy: string | null;
			readonly question: string;
			readonly name: string;
			readonly team: string;
			readonly byName: string | null;
			readonly last: { readonly at: Date; readonly isMine: boolean } | null;
		}[];
		today: string;
	}

	let { referrals, today }: Props = $props();
</script>

<main class="max-w-4xl px-6 py-6">
	<h1 class="text-title">{texts.heading}</h1>
	<p class="mt-1 text-ink-soft">
		{texts.listLead(referrals.length)}
	</p>
	<ul class="mt-4 border-t-[1.5px] border-ink">
		{#each referrals as one (one.id)}
			{@const isLate = one.answerBy !== null && one.answerBy < today}
			<li class="grid gap-x-6 border-b border-rule py-2.5 sm:grid-cols-[1fr_13rem]">
				<div class="min-w-0">
					<p>
						<a class="font-semibold text-ink" href="/desk/referrals/{one.id}">{one.name}</a>
						<span class="text-note text-ink-soft">{one.team}</span>
					</p>
					<p class="truncate text-note" title={one.question}>{one.question}</p>
				</div>
				<p class="text-note sm:text-end">
					<span class:text-warm={isLate} class:font-semibold={isLate}
						>{texts.neededBy(one.answerBy && dayWords(one.answerBy, 'short'), isLate)}</span
					>
					<span class="block text-ink-soft"
						>{one.last
							? texts.lastWritten(dayWords(one.last.at, 'short'), one.last.isMine)
							: texts.askedBy(dayWords(one.at, 'short'), one.byName)}</span
					>
				</p>
			</li>
		{/each}
	</ul>
</main>

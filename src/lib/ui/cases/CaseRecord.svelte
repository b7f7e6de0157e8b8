<script lang="ts">
	import type { Corner } from '$lib/core/corner';
	import type { LengthUnit } from '$lib/core/length';
	import type { Catalogue } from '$lib/messages';
	import { answerLines } from './answer-lines';
	import { ACT_WORDS, stateWords } from './state-words';

	interface Props {
		personName: string;
		corner: Corner | null;
		log: readonly {
			readonly at: Date;
			readonly act: string;
			readonly actorKind: string;
			readonly userName: string | null;
		}[];
		history: readonly { readonly sentAt: Date; readonly state: Parameters<typeof stateWords>[0] }[];
		timeZone: string;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { personName, corner, log, history, timeZone, t, unit }: Props = $props();

	const date = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
	const moment = $derived(
		new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone })
	);
</script>

{#if corner}
	<section class="mt-7">
		<h2 class="heading">Answers</h2>
		{#each answerLines(corner, t, unit) as part (part.title)}
			<h3 class="mt-3 font-sans text-note font-semibold text-ink-soft">{part.title}</h3>
			<dl>
				{#each part.lines as line, i (i)}
					<div class="grid grid-cols-[9rem_1fr] gap-3 border-b border-rule py-1 text-note">
						<dt>{line.name}</dt>
						<dd>{line.words}</dd>
					</div>
				{/each}
			</dl>
		{/each}
	</section>
{/if}
<section class="mt-7">
	<h2 class="heading">Record</h2>
	<ul>
		{#each log as line, i (i)}
			<li class="grid grid-cols-[9rem_1fr] gap-3 border-b border-rule py-1 text-note">
				<span class="text-ink-soft">{moment.format(line.at)}</span>
				<span
					>{line.actorKind === 'person' ? personName : (line.userName ?? 'Easy Corner')}
					{ACT_WORDS[line.act] ?? line.act}</span
				>
			</li>
		{/each}
	</ul>
	{#if history.length > 1}
		<p class="mt-2 text-note text-ink-soft">
			{history.length} self-assessments: {history
				.map((h) => `${date.format(h.sentAt)}, ${stateWords(h.state)}`)
				.join('; ')}.
		</p>
	{/if}
</section>

<style>
	.heading {
		padding-bottom: 0.375rem;
		border-bottom: 1px solid var(--ink);
		font-size: var(--text-lead);
	}
</style>

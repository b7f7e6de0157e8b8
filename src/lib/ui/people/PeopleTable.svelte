<script lang="ts">
	import { dayWords } from '$lib/messages/desk-dates';
	import CheckBox from '../kit/CheckBox.svelte';
	import { PEOPLE_ORDERS, type PeopleColumn, type PeopleOrder, type PersonState } from '$lib/core/people';
	import type { TriageLevel } from '$lib/core/triage';
	import { DEFAULT_LOCALE } from '$lib/messages';
	import { levelEn } from '$lib/messages/triage-en';
	import { stateWords } from '$lib/messages/desk/state-words';
	import { COLUMN_WORDS } from '$lib/messages/desk/column-words';
	import type { PeopleTicks } from './people-ticks.svelte';
	import SortHead from './SortHead.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	interface Line {
		readonly id: string;
		readonly name: string;
		readonly team: string;
		readonly email: string;
		readonly staffNumber: string;
		readonly phone: string;
		readonly country: string;
		readonly owner: string | null;
		readonly level: TriageLevel | null;
		readonly answeredAt: Date | null;
		readonly state: PersonState;
		readonly at: Date | null;
		readonly checksOff: number | null;
		readonly checksUnsure: number | null;
		readonly followUpDue: string | null;
		readonly hasLeft: boolean;
		readonly hasBounced: boolean;
	}

	interface Props {
		ticks: PeopleTicks;
		lines: readonly Line[];
		/** What is shown beside the name. */
		columns: readonly PeopleColumn[];
		order: { readonly by: PeopleOrder; readonly isReversed: boolean };
		/** The address of the list that is shown. */
		query: string;
	}

	let { ticks, lines, columns, order, query }: Props = $props();

	const countries = new Intl.DisplayNames(DEFAULT_LOCALE, { type: 'region' });
	const orderOf = (column: PeopleColumn) => PEOPLE_ORDERS.find((one) => one === column);
</script>

<div class="overflow-x-auto">
	<table class="mt-4 w-full">
		<thead>
			<tr class="border-b-[1.5px] border-ink text-left text-note">
				<th class="w-8 py-2">
					<CheckBox
						words={texts.tickEveryoneOnThis}
						isLabelHidden
						size="desk"
						isChecked={lines.every(({ id }) => ticks.ids.has(id))}
						onchange={(is) => {
							for (const { id } of lines)
								if (is) ticks.ids.add(id);
								else ticks.ids.delete(id);
						}}
					/>
				</th>
				<SortHead by="name" {order} {query} />
				{#each columns as column (column)}
					{@const by = orderOf(column)}
					{#if by}<SortHead {by} {order} {query} />
					{:else}<th class="py-2 font-semibold">{COLUMN_WORDS[column]}</th>{/if}
				{/each}
			</tr>
		</thead>
		<tbody>
			{#each lines as line (line.id)}
				<tr class="border-b border-rule hover:bg-sheet">
					<td class="py-1.5">
						<CheckBox
							words={texts.tick(line.name)}
							isLabelHidden
							size="desk"
							isChecked={ticks.ids.has(line.id)}
							onchange={() => ticks.toggle(line.id)}
						/>
					</td>
					<td class="py-1.5 pr-3"
						><a class="font-semibold text-ink" href="/desk/cases/{line.id}">{line.name}</a
						>{#if line.hasLeft}<span class="text-note text-ink-soft">{texts.hasLeft}</span
							>{/if}{#if line.hasBounced}<span class="text-note text-warm">{texts.lettersComeBack}</span
							>{/if}</td
					>
					{#each columns as column (column)}
						<td class="py-1.5 pr-3">{@render cell(line, column)}</td>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>

{#snippet cell(line: Line, column: PeopleColumn)}
	{#if column === 'team'}<span class="text-ink-soft">{line.team}</span>
	{:else if column === 'email'}<span class="text-note">{line.email}</span>
	{:else if column === 'staff-number'}<span class="num">{line.staffNumber}</span>
	{:else if column === 'phone'}{#if line.phone}<a class="whitespace-nowrap" href="tel:{line.phone}"
				>{line.phone}</a
			>{/if}
	{:else if column === 'country'}{line.country ? (countries.of(line.country) ?? line.country) : ''}
	{:else if column === 'owner'}{line.owner ?? ''}
	{:else if column === 'level'}{line.level ? levelEn[line.level].name : ''}
	{:else if column === 'state'}
		{stateWords(line.state)}{#if line.at}<span class="text-note text-ink-soft"
				>, {dayWords(line.at, 'medium')}</span
			>{/if}
	{:else if column === 'answered'}{line.answeredAt ? dayWords(line.answeredAt, 'medium') : ''}
	{:else if column === 'checks-off'}
		<span class="num"
			>{#if line.checksOff !== null}{line.checksOff}{#if line.checksUnsure}<span
						class="font-sans text-note text-ink-soft">{texts.andUnsure(line.checksUnsure)}</span
					>{/if}{/if}</span
		>
	{:else}{line.followUpDue ? dayWords(line.followUpDue, 'medium') : ''}{/if}
{/snippet}

<script lang="ts">
	import { phoneHref, phoneWords } from '../platform/kit/phone-words';
	import { countryWords } from '$lib/messages/reader-formats';
	import { dayWords } from '$lib/messages/dates';
	import {
		DESCENDING_ORDERS,
		PEOPLE_COLUMNS,
		PEOPLE_ORDERS,
		type PeopleColumn,
		type PeopleOrder,
		type PersonState
	} from '$lib/core/people';
	import type { TriageLevel } from '$lib/core/cases/triage/policy';
	import type { PeopleTicks } from './people-ticks.svelte';
	import DataTable from '../platform/kit/DataTable.svelte';
	import type { TableColumn } from '../platform/kit/data-table';
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
		/** Columns besides the name. */
		columns: readonly PeopleColumn[];
		order: { readonly by: PeopleOrder; readonly isReversed: boolean };
		/** The URL query of the list. */
		query: string;
	}

	let { ticks, lines, columns, order, query }: Props = $props();

	const orderOf = (column: string) => PEOPLE_ORDERS.find((one) => one === column);
	const day = (at: Date | string | null) => (at ? dayWords(at, 'medium') : '');

	/** Content of the text-only columns. */
	const CELLS: Readonly<Partial<Record<PeopleColumn, (line: Line) => string>>> = {
		country: ({ country }) => (country ? countryWords(country) : ''),
		owner: ({ owner }) => owner ?? '',
		level: ({ level }) => (level ? deskWords.triage.levels[level].name : ''),
		answered: ({ answeredAt }) => day(answeredAt),
		'follow-up': ({ followUpDue }) => day(followUpDue)
	};

	const all: readonly TableColumn<Line>[] = $derived([
		{ id: 'name', head: deskWords.columns.names.name, cell: name, isRowHead: true },
		...PEOPLE_COLUMNS.map((id) => ({
			id,
			head: deskWords.columns.names[id],
			words: CELLS[id],
			cell: { team, email, 'staff-number': staffNumber, phone, state, 'checks-off': checksOff }[id as string]
		}))
	]);

	/** The same list sorted by a column; reversed if it is already. */
	function linkOf(id: string) {
		const by = orderOf(id);
		if (!by) return null;
		const goesOn = order.by === by && !order.isReversed;
		const others = [...new URLSearchParams(query)].filter(([one]) => one !== 'by');
		const words = deskWords.columns.orders[by][goesOn ? 1 : 0];
		return {
			href: `?${new URLSearchParams([...others, ['by', goesOn ? `-${by}` : by]])}`,
			title: texts.sortBy(words),
			hint: texts.sortedBy(words)
		};
	}
</script>

<div class="mt-4">
	<DataTable
		columns={all}
		rows={lines}
		keyOf={({ id }) => id}
		shown={['name', ...columns]}
		sorted={{ by: order.by, isDescending: DESCENDING_ORDERS.includes(order.by) !== order.isReversed, linkOf }}
		ticks={{ ids: ticks.ids, allWords: texts.selectPage, words: ({ name }) => texts.select(name) }}
	/>
</div>

{#snippet name(line: Line)}
	<a class="font-semibold text-ink" href="/desk/cases/{line.id}">{line.name}</a>{#if line.hasLeft}<span
			class="text-note text-ink-soft">{texts.hasLeft}</span
		>{/if}{#if line.hasBounced}<span class="text-note text-warm">{texts.emailsReturned}</span>{/if}
{/snippet}

{#snippet team(line: Line)}<span class="text-ink-soft">{line.team}</span>{/snippet}

{#snippet email(line: Line)}<span class="text-note">{line.email}</span>{/snippet}

{#snippet staffNumber(line: Line)}<span class="num">{line.staffNumber}</span>{/snippet}

{#snippet phone(line: Line)}
	{#if line.phone}<a class="whitespace-nowrap" href={phoneHref(line.phone)}>{phoneWords(line.phone)}</a>{/if}
{/snippet}

{#snippet state(line: Line)}
	{deskWords.states.assessment[line.state]}{#if line.at}<span class="text-note text-ink-soft"
			>, {dayWords(line.at, 'medium')}</span
		>{/if}
{/snippet}

{#snippet checksOff(line: Line)}
	<span class="num"
		>{#if line.checksOff !== null}{line.checksOff}{#if line.checksUnsure}<span
					class="font-sans text-note text-ink-soft">{texts.andUnknown(line.checksUnsure)}</span
				>{/if}{/if}</span
	>
{/snippet}

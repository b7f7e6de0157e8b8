<script lang="ts">
	import { dayWords, timeWords } from '$lib/messages/dates';
	import type { Snippet } from 'svelte';
	import { page } from '$app/state';
	import { UNKNOWN_GROUP, type Grouping } from '$lib/core/workforce/codes';
	import type { WorkforceView } from '$lib/core/workforce/view';
	import Button from '../platform/kit/Button.svelte';
	import FilterForm from '../platform/kit/FilterForm.svelte';
	import Select from '../platform/kit/Select.svelte';
	import type { FigureRows } from './table-rows';
	import { groupWords } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	interface Props {
		data: {
			/** The view, with when its figures were counted if that was a while ago. */
			readonly view: WorkforceView & { readonly countedAt?: Date | null };
			/** Dimensions to group by; none where figures are for everyone only. */
			readonly dimensions?: readonly Grouping[];
			/** Figures of groups, with the groups to choose from. */
			readonly table?: Pick<FigureRows, 'groups' | 'rounds'>;
		};
		hasFilters?: boolean;
		/** The question that the page answers. */
		title: string;
		children: Snippet;
	}

	let { data, hasFilters = true, title, children }: Props = $props();

	const { view, dimensions = [] } = $derived(data);
	const { groups, rounds } = $derived(data.table ?? { groups: [], rounds: {} });

	const SCREENS = [
		['', texts.overview],
		['/answers', texts.answers],
		['/discomfort', texts.discomfort],
		['/findings', texts.problems],
		['/goes-with', texts.problemsAndDiscomfort],
		['/helps', texts.effectOfPlans],
		['/steps', texts.steps],
		['/times', texts.responseTimes],
		['/to-buy', texts.equipmentToBuy],
		['/report', texts.report]
	] as const;

	const closings = $derived([
		...(view.today ? [{ value: view.today, words: texts.today }] : []),
		...view.closings.map((value) => ({ value, words: dayWords(value) }))
	]);

	const by = $derived(view.by && dimensions.includes(view.by) ? view.by : null);
	/** The lists by which the view is chosen; which there are depends on the choice. */
	const lists = $derived([
		{ name: 'on', label: texts.dataUpTo, value: view.on, options: closings },
		...(dimensions.length > 0
			? [
					{
						name: 'by',
						label: texts.groupBy,
						value: view.by ?? '',
						options: [
							{ value: '', words: texts.noGrouping },
							...dimensions.map((value) => ({ value, words: deskWords.effect.groupings[value] }))
						]
					}
				]
			: []),
		...(by
			? [
					{
						name: 'group',
						label: deskWords.effect.groupings[by],
						value: view.group === '' ? UNKNOWN_GROUP : (view.group ?? ''),
						options: [
							{ value: '', words: texts.allGroups },
							...groups.map((value) => ({
								value: value || UNKNOWN_GROUP,
								words: groupWords(by, value, rounds)
							}))
						]
					}
				]
			: []),
		...(by && by !== 'team' && view.isLive
			? [
					{
						name: 'team',
						label: texts.team,
						value: view.team ?? '',
						options: [
							{ value: '', words: texts.allTeams },
							...view.teams.map((value) => ({ value, words: value }))
						]
					}
				]
			: [])
	]);
</script>

<main class="workforce">
	<header>
		<h1 class="text-title">{title}</h1>
		<nav aria-label={texts.heading} class="no-print">
			<ul>
				{#each SCREENS as [path, words] (path)}
					{@const href = `/desk/workforce${path}`}
					<li>
						<a href="{href}{page.url.search}" aria-current={page.url.pathname === href ? 'page' : undefined}
							>{words}</a
						>
					</li>
				{/each}
			</ul>
		</nav>
		{#if hasFilters}
			<div class="filters">
				<FilterForm label={texts.filters} without={{ by: ['group'] }}>
					{#snippet fields(ask)}
						{#each lists as list (list.name)}
							<Select {...list} size="desk" onchange={() => ask(list.name)} />
						{/each}
					{/snippet}
					{#snippet more()}
						<Button look="quiet" size="desk" href="/desk/workforce/figures{page.url.search}" download
							>{texts.dataCsvLink}</Button
						>
					{/snippet}
				</FilterForm>
			</div>
		{/if}
		{#if hasFilters && view.team !== null && by}
			<p class="mt-2">
				{texts.resultsOfTeam(groupWords('team', view.team, rounds), deskWords.effect.groupings[by])}
			</p>
		{/if}
		<p class="floor">
			{#if view.countedAt}{texts.countedAt(timeWords(view.countedAt, page.data.timeZone))}{/if}
			{texts.smallGroupsHidden}
			{#if view.isLive}{texts.todayForCoordinators}{:else if hasFilters}{texts.closingFigures}{/if}
		</p>
	</header>
	{@render children()}
</main>

<style>
	.workforce {
		max-width: 72rem;
		padding: 1.5rem 1.5rem 3rem;
	}
	nav ul {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem 1.25rem;
		margin-top: 0.75rem;
		border-bottom: 1px solid var(--rule);
	}
	nav a {
		display: block;
		padding: 0.4rem 0;
		color: var(--ink-soft);
		text-decoration: none;
		border-bottom: 3px solid transparent;
	}
	nav a:hover {
		color: var(--ink);
	}
	nav a[aria-current] {
		color: var(--ink);
		font-weight: 650;
		border-color: var(--cool);
	}
	.filters {
		margin-top: 0.9rem;
	}
	.floor {
		margin-top: 0.6rem;
		max-width: 52rem;
		font-size: var(--text-note);
		color: var(--ink-soft);
	}
</style>

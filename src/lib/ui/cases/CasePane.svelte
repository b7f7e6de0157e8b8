<script lang="ts">
	import { checkCorner } from '$lib/core/checks';
	import type { Corner } from '$lib/core/corner';
	import type { RegionReport } from '$lib/core/discomfort';
	import type { LengthUnit } from '$lib/core/length';
	import type { Plan, PurchaseId } from '$lib/core/plan';
	import { sectionOf, type DrawnAs } from '$lib/core/section';
	import type { Catalogue } from '$lib/messages';
	import CheckTable from '../plan/CheckTable.svelte';
	import SectionSwitch from '../plan/SectionSwitch.svelte';
	import SectionDrawing from '../section/SectionDrawing.svelte';
	import EquipmentList from './EquipmentList.svelte';
	import WriteForm from './WriteForm.svelte';

	/** What the server tells of a case beside the list. */
	export interface Brief {
		readonly id: string;
		readonly name: string;
		readonly team: string;
		readonly email: string;
		readonly corner: Corner | null;
		readonly plan: Plan | null;
		readonly drawnAs: DrawnAs;
		readonly discomfort: readonly RegionReport[];
		readonly equipment: readonly {
			readonly id: string;
			readonly purchase: PurchaseId;
			readonly state: 'asked' | 'approved' | 'declined' | 'sent' | 'arrived';
			readonly reason: string;
			readonly version: number;
		}[];
		readonly message: { readonly text: string; readonly isFromPerson: boolean } | null;
		readonly note: { readonly text: string; readonly authorName: string | null } | null;
		readonly reply: string;
	}

	interface Props {
		brief: Brief;
		t: Catalogue;
		unit: LengthUnit;
		canAct: boolean;
		sent: () => void;
	}

	let { brief, t, unit, canAct, sent }: Props = $props();

	type State = 'now' | 'after';
	const states: readonly State[] = ['now', 'after'];
	let shown = $state<State>('now');
	const words: Record<State, string> = { now: 'Now', after: 'After the plan' };
	const sections = $derived(
		brief.corner
			? {
					now: sectionOf(brief.corner, null, null, brief.drawnAs),
					after: sectionOf(brief.corner, brief.plan, null, brief.drawnAs)
				}
			: null
	);
	const place = ({ region, side }: RegionReport) =>
		side === null || side === 'both'
			? t.discomfort.places[region]
			: t.discomfort.sided(t.discomfort.places[region], side);
</script>

<div class="pane">
	<div class="flex items-baseline justify-between gap-3">
		<h2 class="text-lead">{brief.name}</h2>
		<a class="text-note" href="/desk/cases/{brief.id}"
			>Whole case <kbd class="key" aria-hidden="true">↵</kbd></a
		>
	</div>
	{#if brief.message?.isFromPerson}
		<p class="mt-2 border-l-3 border-cool pl-3 text-note whitespace-pre-wrap">{brief.message.text}</p>
	{/if}
	{#if brief.note}
		<p class="mt-2 text-note text-ink-soft">
			Note{brief.note.authorName ? ` of ${brief.note.authorName}` : ''}: {brief.note.text}
		</p>
	{/if}
	{#if brief.equipment.length > 0}
		<EquipmentList requests={brief.equipment} personId={brief.id} {t} canDecide={canAct} />
	{/if}
	{#if brief.discomfort.length > 0}
		<ul class="mt-2">
			{#each brief.discomfort as report, i (i)}
				<li class="flex justify-between gap-3 border-b border-rule py-1 text-note">
					<span
						>{place(report)}<span class="text-ink-soft"
							>, {report.days} of 7 days{report.hinders === 'much' ? ', hinders much' : ''}</span
						></span
					>
					<span class="num" class:text-warm={report.worst >= 4}>{report.worst} of 10</span>
				</li>
			{/each}
		</ul>
	{/if}
	{#if sections && brief.corner}
		<div class="mt-3">
			<SectionSwitch
				{states}
				{shown}
				{t}
				words={(state) => words[state]}
				choose={(state) => (shown = state)}
			/>
		</div>
		<div class="mt-2">
			<SectionDrawing
				section={sections[shown]}
				all={[sections.now, sections.after]}
				{t}
				{unit}
				mostHeight={300}
				isLive
			/>
		</div>
		<CheckTable
			checks={sections[shown].checks}
			before={shown === 'now' ? [] : checkCorner(brief.corner)}
			{t}
			{unit}
		/>
	{:else}
		<p class="mt-3 text-note text-ink-soft">No answers to show yet.</p>
	{/if}
	{#if canAct}
		<div class="mt-3">
			<WriteForm id="write" action="/desk/cases/{brief.id}?/message" offered={brief.reply} {sent} />
		</div>
	{/if}
</div>

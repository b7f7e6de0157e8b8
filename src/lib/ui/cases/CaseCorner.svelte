<script lang="ts">
	import type { CheckResult, MeasurableName } from '$lib/core/checks';
	import type { Corner, Way } from '$lib/core/corner';
	import type { Judgement } from '$lib/core/judgement';
	import { planAsItStands } from '$lib/core/judgement/as-it-stands';
	import type { Thing } from '$lib/core/judgement/vocabulary';
	import type { LengthUnit } from '$lib/core/length';
	import type { Plan } from '$lib/core/plan';
	import { sectionOf, type DrawnAs, type ReMeasured } from '$lib/core/section';
	import type { Level } from '$lib/core/triage';
	import type { Catalogue } from '$lib/messages';
	import { levelEn, reasonEn } from '$lib/messages/triage-en';
	import { CORNER_STATES, type CornerState } from './corner-states';
	import CheckTable from '../plan/CheckTable.svelte';
	import SegmentSwitch from '../kit/SegmentSwitch.svelte';
	import SectionDrawing from '../section/SectionDrawing.svelte';

	interface Props {
		corner: Corner;
		plan: Plan | null;
		hasSteps: boolean;
		standing: { readonly done: readonly string[]; readonly lengths: ReMeasured } | null;
		drawnAs: DrawnAs;
		way: Way;
		answeredAt: Date | null;
		measureNext: MeasurableName | null;
		/** The judgements, the oldest first: what was believed when. */
		judged: readonly {
			readonly id: number;
			readonly at: Date;
			readonly level: Level;
			readonly document: Judgement;
		}[];
		/** The corners that were answered, the oldest first. */
		over: readonly { readonly at: Date; readonly corner: Corner }[];
		t: Catalogue;
		unit: LengthUnit;
		/** Which drawing is shown; changed by a key of the page too. */
		shown: CornerState;
	}

	let {
		corner,
		plan,
		hasSteps,
		standing,
		drawnAs,
		way,
		answeredAt,
		measureNext,
		judged,
		over,
		t,
		unit,
		shown = $bindable()
	}: Props = $props();

	const date = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
	/** Which of the judgements is looked at; null is the newest. */
	let chosenAt = $state<number | null>(null);
	const newestAt = $derived(judged.length - 1);
	const at = $derived(Math.min(chosenAt ?? newestAt, newestAt));
	const earlier = $derived(at < newestAt ? (judged[at] ?? null) : null);
	const hasBegun = $derived((standing?.done.length ?? 0) > 0);
	const sections = $derived({
		first: sectionOf(corner, null, null, drawnAs),
		standing:
			plan && standing
				? sectionOf(
						corner,
						planAsItStands(corner, plan, new Set(standing.done as Thing[])),
						standing.lengths,
						drawnAs
					)
				: null,
		after: plan && hasSteps ? sectionOf(corner, plan, null, drawnAs) : null
	});
	const states = $derived<CornerState[]>(
		CORNER_STATES.filter((s) => sections[s] && (s !== 'standing' || hasBegun))
	);
	const now = $derived<CornerState>(states.includes(shown) ? shown : hasBegun ? 'standing' : 'first');
	const words: Record<CornerState, string> = $derived({
		first: hasBegun ? 'At first' : 'Now',
		standing: 'Now',
		after: 'After the plan'
	});
	/** The corner that an earlier judgement was about: the newest that was answered by then. */
	const cornerThen = $derived(earlier ? (over.findLast((o) => o.at <= earlier.at)?.corner ?? null) : null);
	const section = $derived(
		earlier
			? cornerThen
				? sectionOf(cornerThen, null, null, drawnAs)
				: null
			: (sections[now] ?? sections.first)
	);
	const checks = $derived<readonly CheckResult[]>(
		earlier ? earlier.document.standing : (section?.checks ?? [])
	);
	const before = $derived<readonly CheckResult[]>(
		earlier ? earlier.document.first : now === 'first' ? [] : sections.first.checks
	);
	const all = $derived(Object.values(sections).filter((s) => s !== null));
</script>

<section class="sheet">
	<div class="flex flex-wrap items-center justify-between gap-3">
		{#if states.length > 1 && !earlier}
			<SegmentSwitch
				{states}
				shown={now}
				label={t.section.choose}
				words={(state) => words[state]}
				choose={(state) => (shown = state)}
			/>
		{/if}
		<p class="text-note text-ink-soft">
			{t.ways[way].name} · answered {date.format(answeredAt ?? new Date(0))}
		</p>
	</div>
	{#if judged.length > 1}
		<label class="no-print mt-2 flex items-center gap-3 text-note">
			<span class="w-36">What was known</span>
			<input
				class="flex-1 accent-(--ink)"
				type="range"
				min="0"
				max={newestAt}
				step="1"
				value={at}
				aria-valuetext={date.format(judged[at]?.at)}
				oninput={(event) => (chosenAt = Number(event.currentTarget.value))}
			/>
			<span class="w-32 text-right">{date.format(judged[at]?.at)}</span>
		</label>
	{/if}
	{#if earlier}
		<p class="mt-2 border-l-4 border-rule px-3 text-note">
			<strong>{levelEn[earlier.level].name}:</strong>
			{earlier.document.reasons.map((reason) => reasonEn(reason, earlier.document)).join(' · ')}
		</p>
	{/if}
	{#if section}
		<div class="mt-3">
			<SectionDrawing {section} all={earlier ? [section] : all} {t} {unit} mostHeight={520} />
		</div>
	{/if}
	<div class="mt-3">
		<CheckTable
			title="Checks: {earlier ? 'as they stood then' : words[now].toLowerCase()}"
			{checks}
			{before}
			certainty={earlier ? undefined : section?.certainty}
			{t}
			{unit}
		/>
	</div>
	{#if measureNext && !earlier}
		<p class="mt-3 text-note font-semibold text-cool">Worth asking for next: {t.measurable[measureNext]}.</p>
	{/if}
</section>

<style>
	.sheet {
		padding: 1rem;
		border: 1px solid var(--rule);
		background: var(--sheet);
	}
</style>

<script lang="ts">
	import {
		QUESTIONNAIRE_PAGES,
		type QuestionnairePage
	} from '$lib/core/questionnaire/answers/questionnaire-pages';
	import type { Catalogue } from '$lib/messages/shapes';
	import { saveErrorOf } from './autosave/save-error';
	import Button from '../platform/kit/Button.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import Progress from '../platform/kit/Progress.svelte';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';
	import type { Draft } from './draft.svelte';
	import UnitButtons from './UnitButtons.svelte';
	import type { QuestionnaireVisit } from './questionnaire-visit.svelte';

	interface Props {
		draft: Draft;
		t: Catalogue;
		page: QuestionnairePage;
		visit: QuestionnaireVisit;
		savedAt: Date | null;
		/** Where the pages of this personal link begin. */
		home: string;
	}

	let { draft, t, page, visit, savedAt, home }: Props = $props();

	const at = $derived(draft.autosave.savedAt ?? savedAt);
	const saying = $derived.by(() => {
		const fault = saveErrorOf([draft.autosave.state], t);
		if (fault) return fault;
		if (draft.autosave.state === 'saving') return t.frame.saving;
		return at ? t.frame.saved(t.dates.clock(new Date(at))) : '';
	});
	const all = $derived(visit.walk.steps.length);
	const left = $derived(visit.minutes > 0 ? t.nav.minutesLeft(visit.minutes) : t.nav.almostDone);
</script>

<header>
	<div class="line">
		<h1 id="station" tabindex="-1">{t.pages[page].title}</h1>
		<p class="left">
			<a class="tool wide" href="{home}/other-device">{t.device.link}</a>
			<span>{left}</span>
		</p>
	</div>
	<Progress label={t.frame.pages} value={all - visit.walk.open.length} most={all} words={left} />
	<Disclosure words={t.frame.contents}>
		{#snippet aside()}<span class="saving" role="status">{saying}</span>{/snippet}
		<LazyHydrate shows={() => [page, draft.unit]}>
			<ol>
				{#each QUESTIONNAIRE_PAGES as item, i (item)}
					<li>
						<Button
							look="quiet"
							class="w-full !justify-start"
							name="go"
							value={item}
							formaction="?/go"
							formnovalidate
							aria-current={item === page ? 'step' : undefined}
						>
							<span class="num text-ink-soft">{i + 1}</span>
							{t.pages[item].title}
						</Button>
					</li>
				{/each}
			</ol>
			<div class="flex flex-wrap items-center gap-2" role="group" aria-label={t.frame.unitLabel}>
				<UnitButtons unit={draft.unit} formaction="?/unit" {t} />
			</div>
			<p class="flex flex-wrap gap-x-6">
				<a class="tool" href="{home}/measure">{t.measure.link}</a>
				<a class="tool narrow" href="{home}/other-device">{t.device.link}</a>
			</p>
		</LazyHydrate>
	</Disclosure>
</header>

<style>
	.line {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
		flex-wrap: wrap;
		gap: 0 1rem;
		padding-bottom: 0.375rem;
	}
	h1 {
		font-size: var(--text-lead);
		outline: none;
	}
	.left,
	.saving {
		font-size: var(--text-note);
		color: var(--ink-soft);
		white-space: nowrap;
	}
	.saving {
		margin-inline-start: auto;
		font-weight: 400;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: normal;
		text-align: end;
	}
	ol {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(13rem, 100%), 1fr));
	}
	.tool {
		display: inline-flex;
		align-items: center;
		min-height: 2.75rem;
	}
	.wide {
		display: none;
		margin-inline-end: 1.5rem;
	}
	@media (min-width: 62rem) {
		.wide {
			display: inline-flex;
		}
		.narrow {
			display: none;
		}
		h1 {
			font-size: var(--text-title);
		}
	}
</style>

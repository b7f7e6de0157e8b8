<script lang="ts">
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import {
		choiceOf,
		PAGES,
		pageOfField,
		type FieldIssue,
		type LengthFieldName,
		LENGTH_FIELDS,
		readLength
	} from '$lib/core/answers';
	import { sectionOf } from '$lib/core/section';
	import { messagesFor } from '$lib/messages';
	import CheckTable from '$lib/ui/plan/CheckTable.svelte';
	import Rail from '$lib/ui/rail/Rail.svelte';
	import SectionDrawing from '$lib/ui/section/SectionDrawing.svelte';
	import { Draft } from '$lib/ui/walk/draft.svelte';
	import { deviceStorage } from '$lib/ui/walk/device-storage';
	import { heightsOnRail } from '$lib/ui/walk/heights-on-rail';
	import PageQuestions from '$lib/ui/walk/PageQuestions.svelte';
	import WalkHeader from '$lib/ui/walk/WalkHeader.svelte';

	let { data, form } = $props();

	/** Pages whose answers change the drawing. */
	const WITH_DRAWING: readonly string[] = [
		'you',
		'spot',
		'feet',
		'back',
		'hands',
		'mouse',
		'screen',
		'house'
	];

	const t = $derived(messagesFor(data.locale));
	// One draft for the whole visit: pages change beneath it.
	const draft = untrack(() => new Draft(data.answers, data.way, `/c/${data.token}/draft`, deviceStorage()));

	$effect(() => {
		draft.replace(data.answers);
	});

	const issues: readonly FieldIssue[] = $derived(
		(form && 'issues' in form ? (form.issues as FieldIssue[]) : data.open).filter(
			(i) => pageOfField(i.field) === data.page
		)
	);
	/** Those of the found faults that still stand. */
	const standing = $derived(issues.filter((issue) => !isMended(issue)));
	const next = $derived(PAGES[PAGES.indexOf(data.page) + 1]);
	const section = $derived(
		draft.partial ? sectionOf(draft.partial.corner, null, null, choiceOf(draft.answers, 'drawnAs')) : null
	);
	const notches = $derived(heightsOnRail(draft.answers, draft.unit, draft.active));

	function isMended({ field }: FieldIssue): boolean {
		if (!Object.hasOwn(LENGTH_FIELDS, field)) return false;
		return readLength(field, draft.answers[field], draft.unit, LENGTH_FIELDS[field as LengthFieldName]).ok;
	}

	/** What is typed goes out before a button is answered, so that the two can't pass each other. */
	const send = () => {
		const flushed = draft.autosave.flush();
		return async ({ update }: { update: (how: { reset: boolean }) => Promise<void> }) => {
			await flushed;
			await update({ reset: false });
		};
	};
</script>

<svelte:head><title>{t.pages[data.page].title} · {t.product}</title></svelte:head>
<svelte:window onpagehide={() => draft.autosave.leave()} ononline={() => void draft.autosave.flush()} />

<div class="walk">
	<div class="rail-column"><Rail {notches} unit={draft.unit} /></div>
	<form method="POST" action="?/go" class="min-w-0" use:enhance={send} autocomplete="off" novalidate>
		<!-- The first button is what Enter presses. -->
		<button class="hidden" name="go" value="next" tabindex="-1" aria-hidden="true">{t.frame.skip}</button>
		<WalkHeader {draft} {t} page={data.page} savedAt={data.savedAt} />
		<div class="columns">
			<main id="content" class="min-w-0">
				<h1 class="text-title">{t.pages[data.page].title}</h1>
				<p class="mt-2 text-lead">{t.pages[data.page].lead}</p>
				{#if form && 'fault' in form && form.fault}
					<p class="mt-4 border-l-4 border-warm bg-warm-wash px-3 py-2" role="alert">
						{(form.fault as { message: string }).message}
					</p>
				{/if}
				{#if standing.length > 0}
					<div class="mt-4 border-l-4 border-warm bg-warm-wash px-3 py-2" role="alert">
						<strong>{t.nav.fix(standing.length)}.</strong>
						{t.nav.fixLead}
						{#each standing as issue (issue.field)}
							{#if t.fields[issue.field as keyof typeof t.fields]}
								<a class="mr-3 inline-block" href="#{issue.field}"
									>{t.fields[issue.field as keyof typeof t.fields]}</a
								>
							{/if}
						{/each}
					</div>
				{/if}
				<div class="mt-3">
					<PageQuestions page={data.page} {draft} {t} {issues} />
				</div>
				<div class="mt-6 flex gap-3">
					<button class="btn" name="go" value="back" formnovalidate>{t.frame.back}</button>
					<button class="btn btn-main flex-1 sm:flex-none" name="go" value="next">
						{next ? t.nav.next(t.pages[next].short.toLowerCase()) : t.nav.finish}
					</button>
				</div>
			</main>
			{#if section && draft.partial && WITH_DRAWING.includes(data.page)}
				<aside class="drawing">
					<SectionDrawing {section} all={[section]} {t} unit={draft.unit} mostHeight={520} />
					{#if draft.partial.checks.length > 0}
						<div class="mt-2"><CheckTable checks={draft.partial.checks} {t} unit={draft.unit} isLive /></div>
					{/if}
				</aside>
			{/if}
		</div>
	</form>
</div>

<style>
	.walk {
		display: grid;
		grid-template-columns: 2.75rem minmax(0, 1fr);
		gap: 1rem;
		max-width: 76rem;
		margin: 0 auto;
		padding: 0 1.25rem 2rem 0;
	}
	.walk > form {
		padding-top: 1rem;
	}
	.rail-column {
		position: sticky;
		top: 0;
		height: 100dvh;
	}
	.columns {
		margin-top: 1.5rem;
	}
	@media (max-width: 61.99rem) {
		.drawing {
			display: block;
			margin-top: 2rem;
			padding: 0.75rem;
			border: 1px solid var(--rule);
			background: var(--sheet);
		}
	}
	@media (min-width: 62rem) {
		.walk {
			grid-template-columns: 4rem minmax(0, 1fr);
			gap: 2.5rem;
		}
		.columns {
			display: grid;
			grid-template-columns: minmax(0, 29rem) minmax(0, 1fr);
			gap: 3rem;
		}
		.drawing {
			display: block;
			position: sticky;
			top: 1.5rem;
			align-self: start;
			padding: 1rem;
			border: 1px solid var(--rule);
			background: var(--sheet);
		}
	}
</style>

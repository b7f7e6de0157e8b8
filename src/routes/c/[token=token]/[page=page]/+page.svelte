<script lang="ts">
	import { tick, untrack } from 'svelte';
	import type { SubmitFunction } from '@sveltejs/kit';
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import {
		choiceOf,
		convertUnit,
		cornerFromAnswers,
		discomfortFromAnswers,
		freeThing,
		isHouseholdKind,
		issuesOf,
		issuesOn,
		newThing,
		PAGES,
		PAGES_DRAWN,
		pageOfField,
		signsOf,
		thingField,
		type FieldIssue,
		type Page
	} from '$lib/core/answers';
	import type { Corner } from '$lib/core/corner';
	import { isEmergency, type EmergencySign } from '$lib/core/discomfort';
	import type { LengthUnit } from '$lib/core/length';
	import { sectionOf } from '$lib/core/section';
	import { messagesFor } from '$lib/messages';
	import { adviceForPage, type PageAdvice } from '$lib/messages/advice-for-page';
	import LocalPlan from '$lib/ui/plan/LocalPlan.svelte';
	import { BrowserPlanner } from '$lib/ui/planner/browser-planner';
	import CheckTable from '$lib/ui/plan/CheckTable.svelte';
	import Rail from '$lib/ui/rail/Rail.svelte';
	import SectionDrawing from '$lib/ui/section/SectionDrawing.svelte';
	import { Draft } from '$lib/ui/walk/draft.svelte';
	import DeskLook from '$lib/ui/walk/DeskLook.svelte';
	import EmergencyStop from '$lib/ui/walk/EmergencyStop.svelte';
	import { deviceStorage } from '$lib/ui/walk/device-storage';
	import { heightsOnRail } from '$lib/ui/walk/heights-on-rail';
	import PageQuestions from '$lib/ui/walk/PageQuestions.svelte';
	import StationLook from '$lib/ui/walk/StationLook.svelte';
	import { typedEarly } from '$lib/ui/walk/typed-early';
	import WalkHeader from '$lib/ui/walk/WalkHeader.svelte';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
	const current = $derived(page.params.page as Page);
	// One draft for the whole visit: pages change beneath it.
	const draft = untrack(() => new Draft(data, data.way, `/c/${data.token}/draft`, deviceStorage()));
	const planner = new BrowserPlanner();
	const early = typedEarly('form.answers');
	if (Object.keys(early).length > 0) draft.setAll(early);

	$effect(() => {
		const { answers, revision } = data;
		untrack(() => draft.take({ answers, revision }));
	});
	$effect(() => {
		// Loaded while there is network, so that a plan can be made without.
		planner.prepare();
		return () => planner.close();
	});

	/** What a try to go on found on this page; the server's, where a form was posted. */
	let found = $state<readonly FieldIssue[]>([]);
	const posted = $derived(form && 'issues' in form ? (form.issues as FieldIssue[]) : null);
	const issues: readonly FieldIssue[] = $derived(
		(page.url.searchParams.has('open') ? issuesOf(draft.answers, data.way) : (posted ?? found)).filter(
			(i) => pageOfField(i.field) === current
		)
	);
	/** Those of the found faults that still stand. */
	const standing = $derived(issues.filter((issue) => !isMended(issue)));
	const next = $derived(PAGES[PAGES.indexOf(current) + 1]);
	// The drawing follows a frame behind what is typed: neither holds the other up.
	let drawn = $state.raw(untrack(() => draft.partial));
	$effect(() => {
		const partial = draft.partial;
		const frame = requestAnimationFrame(() => (drawn = partial));
		return () => cancelAnimationFrame(frame);
	});
	const section = $derived(
		drawn ? sectionOf(drawn.corner, null, null, choiceOf(draft.answers, 'drawnAs')) : null
	);
	const notches = $derived(heightsOnRail(draft.answers, draft.unit, draft.active));
	let stop = $state<readonly EmergencySign[]>([]);
	let local = $state<{ corner: Corner; advice: PageAdvice } | null>(null);
	let isFinishing = $state(false);

	function isMended({ field }: FieldIssue): boolean {
		return !issuesOn(current, draft.answers, data.way).some((issue) => issue.field === field);
	}

	const to = (name: string) => goto(`/c/${data.token}/${name}`);

	async function goOn() {
		found = issuesOn(current, draft.answers, data.way);
		if (found.length > 0) return;
		if (current === 'first') {
			const signs = signsOf(draft.answers).filter(isEmergency);
			stop = signs;
			// Told at once, whatever else happens; the person reads on, or says that it was a slip, while that is under way.
			const told = draft.autosave.flush();
			if (signs.length > 0) {
				await tick();
				window.scrollTo(0, 0);
				return;
			}
			await told;
		}
		await (next ? to(next) : finish());
	}

	/**
	 * Sends what is open and has the answers taken in; true once the server has answered and the plan is on its way, or the page of
	 * what another device has taken back meanwhile.
	 */
	async function send(): Promise<boolean> {
		await draft.autosave.flush();
		if (!draft.autosave.isSent) return false;
		const sent = await fetch(`/c/${data.token}/submit`, { method: 'POST' }).catch(() => null);
		if (!sent?.ok) return false;
		// Cut off on the way: sending it again is harmless.
		const told = (await sent.json().catch(() => null)) as { issues?: readonly FieldIssue[] } | null;
		if (!told) return false;
		const missing = told.issues ?? [];
		if (missing.length > 0) local = null;
		const place = missing[0] ? `${pageOfField(missing[0].field)}?open` : 'plan';
		await goto(`/c/${data.token}/${place}`, { invalidateAll: true });
		return true;
	}

	/** Sends what is open and asks for the plan; without network the plan is made here and the rest is sent later. */
	async function finish() {
		const open = issuesOf(draft.answers, data.way)[0];
		if (open) return goto(`/c/${data.token}/${pageOfField(open.field)}?open`);
		isFinishing = true;
		const isIn = await send().finally(() => (isFinishing = false));
		if (isIn) return;
		const { corner } = cornerFromAnswers(draft.answers, data.way);
		if (!corner) return;
		isFinishing = true;
		const advice = await planner.advise(corner).finally(() => (isFinishing = false));
		const told = { answers: draft.answers, discomfort: discomfortFromAnswers(draft.answers).reports };
		local = { corner, advice: adviceForPage(corner, advice, told, data.locale) };
	}

	function addThing(kind: string) {
		const index = freeThing(draft.answers);
		if (index !== null && isHouseholdKind(kind))
			draft.setAll(newThing(index, kind, t.things.names[kind], draft.unit));
	}

	function changeUnit(unit: LengthUnit) {
		if (unit === draft.unit) return;
		// Only what the unit changes is sent: among the answers are some that only the server writes.
		const converted = Object.entries(convertUnit(draft.answers, draft.unit, unit));
		draft.setAll(Object.fromEntries(converted.filter(([name, text]) => draft.answers[name] !== text)));
	}

	/** With scripts every button is answered here, with or without network; without them the form is posted. */
	const answer: SubmitFunction = ({ formData, action, cancel }) => {
		cancel();
		const go = formData.get('go');
		const text = (name: string) => String(formData.get(name) ?? '');
		if (action.search.startsWith('?/add')) addThing(text('add'));
		else if (action.search.startsWith('?/remove')) draft.set(thingField(Number(text('remove')), 'kind'), '');
		else if (action.search.startsWith('?/unit')) changeUnit(text('to') as LengthUnit);
		else if (go === 'back') {
			const before = PAGES[PAGES.indexOf(current) - 1];
			void (before ? to(before) : to(''));
		} else if (go && go !== 'next') void to(String(go));
		else void goOn();
	};

	/** Tries again after so long without network, ms; the browser's own "online" comes first where it is told. */
	const RETRY_MS = 4000;

	$effect(() => {
		if (!local) return;
		const timer = setInterval(() => void send(), RETRY_MS);
		return () => clearInterval(timer);
	});

	function online() {
		void draft.autosave.flush().then(() => {
			if (local) void send();
			else void draft.pull();
		});
	}
</script>

<svelte:head><title>{t.pages[current].title} · {t.product}</title></svelte:head>
<svelte:window onpagehide={() => draft.autosave.leave()} ononline={online} />
<svelte:document onvisibilitychange={() => document.visibilityState === 'visible' && void draft.pull()} />

<div class="walk">
	<div class="rail-column"><Rail {notches} unit={draft.unit} /></div>
	<form
		method="POST"
		action="?/go"
		class="answers min-w-0"
		use:enhance={answer}
		autocomplete="off"
		novalidate
	>
		<!-- The first button is what Enter presses. -->
		<button class="hidden" name="go" value="next" tabindex="-1" aria-hidden="true">{t.frame.skip}</button>
		<WalkHeader {draft} {t} page={current} savedAt={data.savedAt} home="/c/{data.token}" />
		<div class="columns">
			<main id="content" class="min-w-0">
				{#if stop.length > 0}
					<EmergencyStop signs={stop} {t} />
					<p class="mt-8 flex flex-wrap gap-3">
						<button type="button" class="btn whitespace-normal text-left" onclick={() => (stop = [])}
							>{t.first.stopSlip}</button
						>
						<button
							type="button"
							class="btn whitespace-normal text-left"
							onclick={() => ((stop = []), void to('you'))}>{t.first.stopLater}</button
						>
					</p>
				{:else if local}
					<LocalPlan corner={local.corner} advice={local.advice} {draft} {t} />
					<p class="mt-6">
						<button type="button" class="btn" onclick={() => (local = null)}>{t.frame.back}</button>
					</p>
				{:else}
					<h1 class="text-title">{t.pages[current].title}</h1>
					<p class="mt-2 text-lead">{t.pages[current].lead}</p>
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
					{#if drawn}
						<DeskLook page={current} corner={drawn.corner} {t} />
						<StationLook
							page={current}
							corner={drawn.corner}
							drawnAs={choiceOf(draft.answers, 'drawnAs')}
							{t}
						/>
					{/if}
					<div class="mt-3">
						<PageQuestions page={current} {draft} {t} {issues} />
					</div>
					<div class="mt-6 flex gap-3">
						<button class="btn" name="go" value="back" formnovalidate>{t.frame.back}</button>
						<button class="btn btn-main flex-1 sm:flex-none" name="go" value="next">
							{next ? t.nav.next(t.pages[next].short.toLowerCase()) : t.nav.finish}
						</button>
					</div>
					<p class="mt-2 text-note text-ink-soft" role="status">{isFinishing ? t.plan.solving : ''}</p>
				{/if}
			</main>
			{#if section && drawn && PAGES_DRAWN.has(current) && !local}
				<aside class="drawing">
					<SectionDrawing {section} all={[section]} {t} unit={draft.unit} mostHeight={520} isLive />
					{#if drawn.checks.length > 0}
						<div class="mt-2"><CheckTable checks={drawn.checks} {t} unit={draft.unit} isLive /></div>
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

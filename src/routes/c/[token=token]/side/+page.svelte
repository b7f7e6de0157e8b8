<script lang="ts">
	import type { SideViewPointId } from '$lib/core/plan/advice/side-view-points';
	import { unitOf } from '$lib/core/questionnaire/answers/fields';
	import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
	import { messagesFor } from '$lib/messages';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import ChoiceRows from '$lib/ui/platform/kit/ChoiceRows.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import SideViewDrawing from '$lib/ui/workstation/side-view/SideViewDrawing.svelte';

	let { data } = $props();

	const t = $derived(messagesFor(data.locale));
	const section = $derived(sideViewOf(data.corner, data.plan, null, data.drawnAs));
	let seen = $state<Partial<Record<SideViewPointId, 'right' | 'off'>>>({});
	const off = $derived(data.look.filter(({ id }) => seen[id] === 'off').length);
	const isDone = $derived(data.look.every(({ id }) => seen[id] === 'right'));
	const options = $derived([
		{ value: 'right', words: t.side.right },
		{ value: 'off', words: t.side.off }
	]);
</script>

<svelte:head><title>{t.side.title} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-6xl px-5 py-5 md:px-8">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-4 text-title">{t.side.title}</h1>
	<p class="mt-2 text-lead">{t.side.lead}</p>
	<div class="layout">
		<div class="drawing">
			<SideViewDrawing {section} all={[section]} {t} unit={unitOf(data.answers)} mostHeight={430} />
		</div>
		<ol>
			{#each data.look as { id, step } (id)}
				{@const words = t.side.points[id]}
				<li class="border-b border-rule py-3">
					<ChoiceRows
						name={id}
						legend={words.name}
						hint={words.look}
						{options}
						value={seen[id] ?? ''}
						look="wrap"
						onchange={(value) => (seen[id] = value as 'right' | 'off')}
					/>
					<!-- Shown by CSS as answered, so that it works before scripts load. -->
					<p class="leads" class:shown={seen[id] === 'off'}>
						{#if step}
							<Button look="quiet" href="/c/{data.token}/plan#step-{step}"
								>{t.side.toStep(t.steps.places[step])}</Button
							>
						{:else}
							<Button look="quiet" href="/c/{data.token}/messages?stuck=plan">{t.side.noStep}</Button>
						{/if}
					</p>
				</li>
			{/each}
		</ol>
	</div>
	<div class="mt-4" role="status">
		{#if isDone}<Notice kind="done"><p>{t.side.done}</p></Notice>
		{:else if off > 0}<p class="font-semibold">{t.side.offCount(off)}</p>{/if}
	</div>
	<p class="mt-4"><Button href="/c/{data.token}/plan">{t.messages.back}</Button></p>
</main>

<style>
	.layout {
		display: grid;
		gap: 1.5rem;
		margin-top: 1rem;
	}
	.drawing {
		align-self: start;
		padding: 0.75rem;
		border: 1px solid var(--rule);
		background: var(--sheet);
	}
	.leads {
		display: none;
	}
	.leads.shown,
	li:has(:global(input[value='off']:checked)) .leads {
		display: block;
	}
	@media (min-width: 60rem) {
		.layout {
			grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
		}
		.drawing {
			position: sticky;
			top: 1rem;
		}
	}
</style>

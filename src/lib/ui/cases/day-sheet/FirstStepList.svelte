<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.daySheet.firstSteps;

	interface Props {
		/** What is done of it; see the server's first steps. */
		steps: Readonly<Record<'organisation' | 'cover' | 'crisisLine' | 'people', boolean>>;
	}

	let { steps }: Props = $props();

	const list = $derived([
		{ words: texts.organisation, href: '/desk/organisation', isDone: steps.organisation },
		{ words: texts.cover, href: '/desk/organisation/cover', isDone: steps.cover },
		{ words: texts.crisisLine, href: '/desk/crisis-lines', isDone: steps.crisisLine },
		{ words: texts.people, href: '/desk/people/import', isDone: steps.people },
		{ words: texts.round, href: '/desk/rounds/new', isDone: false }
	]);
</script>

<section class="mt-8 border-t border-ink pt-6" aria-labelledby="first-steps">
	<h2 id="first-steps" class="text-lead">{texts.heading}</h2>
	<ol class="mt-3 grid list-decimal gap-2 ps-6">
		{#each list as { words, href, isDone } (href)}
			<li>
				<a {href}>{words}</a>
				{#if isDone}
					<span class="text-note text-ink-soft"
						><Check class="inline" size={16} aria-hidden="true" /> {texts.done}</span
					>
				{/if}
			</li>
		{/each}
	</ol>
	<p class="mt-4 text-ink-soft">{texts.oneByOne} <a href="/desk/people/new">{texts.addPerson}</a></p>
</section>

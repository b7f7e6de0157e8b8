<script lang="ts">
	import Button from '../kit/Button.svelte';
	import { isPermitted, type Permission } from '$lib/core/platform/access/permissions';
	import type { Role } from '$lib/core/platform/access/roles';
	import { LENGTH_UNITS, type LengthUnit } from '$lib/core/body/length/mm';
	import type { Snippet } from 'svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ACT_KEYS } from '../shortcuts/act-keys';
	import { provideShortcuts } from '../shortcuts/context';
	import ShortcutHelp from '../shortcuts/ShortcutHelp.svelte';
	import { Shortcuts } from '../shortcuts/shortcuts.svelte';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.frame;

	interface Props {
		userName: string;
		role: Role;
		unit: LengthUnit;
		theme: 'light' | 'dark' | '';
		hasPost: boolean;
		children: Snippet;
	}

	let { userName, role, unit, theme, hasPost, children }: Props = $props();

	const t = deskCatalogue();
	const shortcuts = new Shortcuts();
	provideShortcuts(shortcuts);
	let help = $state(false);

	const can = $derived((permission: Permission) => isPermitted(role, permission));
	const pages = $derived([
		...(can('cases:read') || can('referrals:list')
			? [{ href: '/desk', words: texts.firstPage(can('referrals:list')) }]
			: []),
		...(can('people:read')
			? [
					{ href: '/desk/people', words: texts.people },
					{ href: '/desk/rounds', words: texts.rounds },
					{ href: '/desk/follow-ups', words: texts.followUps },
					{ href: '/desk/equipment', words: texts.equipment }
				]
			: []),
		...(can('workforce:read') ? [{ href: '/desk/workforce', words: texts.workforce }] : []),
		...(hasPost ? [{ href: '/post', words: texts.testInbox }] : [])
	]);
	/** Pages have numbers as shortcuts, in order: letters are for acts. */
	const links = $derived(pages.map((one, i) => ({ ...one, key: String(i + 1) })));
	const isHere = (href: string) =>
		href === '/desk'
			? page.url.pathname === '/desk' || page.url.pathname.startsWith('/desk/referrals')
			: page.url.pathname.startsWith(href) ||
				(href === '/desk/people' && page.url.pathname.startsWith('/desk/cases'));
	const other = $derived(theme === 'dark' ? 'light' : 'dark');
	const back = $derived(page.url.pathname + page.url.search);

	$effect(() =>
		shortcuts.add([
			...links.map(({ href, words, key }) => ({ key, words: texts.goTo(words), run: () => void goto(href) })),
			...(can('people:change') ? [{ ...ACT_KEYS.person, run: () => void goto('/desk/people/new') }] : []),
			{ key: '?', words: texts.showShortcuts, run: () => (help = true) }
		])
	);
</script>

<svelte:window onkeydown={(event) => shortcuts.handle(event)} />
<a class="skip" href="#content">{texts.skipToContent}</a>

<div class="frame">
	<aside class="margin no-print" aria-label={texts.product}>
		<p class="font-title text-lead font-semibold">{texts.product}</p>
		<nav aria-label={texts.mainNavigation}>
			<ul>
				{#each links as link (link.href)}
					<li>
						<a href={link.href} aria-current={isHere(link.href) ? 'page' : undefined}>
							<span>{link.words}</span><kbd class="key" aria-hidden="true">{link.key}</kbd>
						</a>
					</li>
				{/each}
			</ul>
		</nav>
		<div class="foot">
			<Button type="button" look="quiet" size="desk" class="needs-js" onclick={() => (help = true)}
				>{texts.shortcuts} <kbd class="key" aria-hidden="true">?</kbd></Button
			>
			<form
				method="POST"
				action="/preferences"
				data-sveltekit-reload
				class="flex gap-1"
				aria-label={texts.lengthUnit}
			>
				<input type="hidden" name="back" value={back} />
				{#each LENGTH_UNITS as option (option)}
					<Button
						look="quiet"
						size="desk"
						class="unit"
						name="unit"
						value={option}
						aria-pressed={unit === option}
						aria-label="{option}: {t.frame.unit[option]}">{option}</Button
					>
				{/each}
			</form>
			<form method="POST" action="/preferences" data-sveltekit-reload>
				<input type="hidden" name="back" value={back} />
				<Button look="quiet" size="desk" name="theme" value={other}
					>{texts.switchColours(t.frame.theme[other])}</Button
				>
			</form>
			<a class="who" href="/desk/account">{userName}</a>
			{#if can('practice:take')}<a href="/desk/practice">{deskWords.practice.link}</a>{/if}
			{#if can('accounts:manage')}<a href="/desk/users">{texts.accounts}</a>{/if}
			<form method="POST" action="/desk/sign-out">
				<Button look="quiet" size="desk">{texts.signOut}</Button>
			</form>
		</div>
	</aside>
	<div class="min-w-0" id="content">{@render children()}</div>
</div>
<ShortcutHelp {shortcuts} bind:open={help} />

<style>
	.frame {
		display: grid;
		grid-template-columns: 10.25rem minmax(0, 1fr);
		min-height: 100dvh;
	}
	.margin {
		position: sticky;
		top: 0;
		display: flex;
		flex-direction: column;
		gap: 1.5rem;
		height: 100dvh;
		padding-block: 1.25rem 1rem;
		padding-inline: 1.125rem 0;
		background: var(--margin);
		color: var(--on-margin);
	}
	nav a {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 0.25rem;
		min-height: 2.25rem;
		padding-block: 0.375rem;
		padding-inline: 0 0.75rem;
		color: var(--on-margin-soft);
		text-decoration: none;
	}
	nav a:hover {
		color: var(--on-margin);
	}
	nav a[aria-current] {
		color: var(--on-margin);
		font-weight: 700;
		border-inline-end: 5px solid var(--paper);
		padding-inline-end: calc(0.75rem - 5px);
	}
	nav .key {
		opacity: 0.75;
	}
	.foot {
		display: grid;
		gap: 0.25rem;
		justify-items: start;
		margin-top: auto;
		font-size: var(--text-note);
	}
	.foot a,
	.foot :global(.kit-button) {
		min-height: 1.75rem;
		padding: 0;
		font-weight: 400;
		color: var(--on-margin-soft);
		text-decoration: none;
	}
	.foot a {
		display: flex;
		align-items: center;
	}
	.foot a:hover,
	.foot :global(.kit-button:hover),
	.foot :global(.unit[aria-pressed='true']) {
		color: var(--on-margin);
	}
	.foot :global(.unit) {
		min-width: 2rem;
		justify-content: flex-start;
	}
	.foot :global(.unit[aria-pressed='true']) {
		font-weight: 700;
		text-decoration: underline;
		text-underline-offset: 4px;
	}
	.who {
		padding-top: 0.5rem;
		padding-inline-end: 0.5rem;
		line-height: 1.25;
	}
	.margin :focus-visible {
		outline-color: var(--on-margin);
	}
	.skip {
		position: absolute;
		inset-block-start: -100vh;
		inset-inline-start: 0.5rem;
		padding: 0.5rem 1rem;
		background: var(--sheet);
		color: var(--ink);
		z-index: 10;
	}
	.skip:focus {
		inset-block-start: 0.5rem;
	}
	@media (max-width: 48rem) {
		.frame {
			display: block;
		}
		.margin {
			position: static;
			height: auto;
			padding: 1rem;
			gap: 0.5rem;
		}
		nav ul,
		.foot {
			display: flex;
			flex-wrap: wrap;
			gap: 0.1rem 1rem;
		}
		nav .key {
			display: none;
		}
		nav a {
			padding: 0.25rem 0;
		}
		nav a[aria-current] {
			padding-inline-end: 0;
			border-inline-end: 0;
			border-bottom: 3px solid var(--paper);
		}
		.who {
			padding-top: 0;
		}
	}
	@media print {
		.frame {
			display: block;
			min-height: 0;
		}
	}
</style>

<script lang="ts">
	import {
		ACCOUNT_NOTICES,
		EMPLOYEE_EMAIL_KINDS,
		type EmailKind
	} from '$lib/core/platform/sending/email-kinds';
	import { REPLY_KINDS, replyTextKind, type OwnTextKind } from '$lib/core/platform/sending/own-texts';
	import { deskWords } from '$lib/messages/desk';
	import { LANGUAGES, LANGUAGE_NAMES } from '$lib/messages/languages';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import FormError from '$lib/ui/cases/FormError.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Disclosure from '$lib/ui/platform/kit/Disclosure.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import OwnTextForm from '$lib/ui/platform/organisation/OwnTextForm.svelte';

	let { data } = $props();

	const texts = deskWords.organisation;
	const { ownTexts } = deskWords;
	/** What is shown: an email, or a suggested reply. */
	const shown: EmailKind | OwnTextKind = $derived(
		data.reply === null ? data.kind : (data.own?.kind ?? data.kind)
	);
	const nameOf = (kind: EmailKind | OwnTextKind) =>
		REPLY_KINDS.map((reply) => [replyTextKind(reply), ownTexts.replyNames[reply]] as const).find(
			([id]) => id === kind
		)?.[1] ??
		(kind === 'round' || kind === 'referral-letter'
			? ownTexts.otherNames[kind]
			: texts.emailNames[kind as EmailKind]);
	let sentTo = $state('');
	const sending = new CaseForm((result) => (sentTo = String(result.sentTo ?? '')));

	/** The texts by who gets them; the group of the one shown is open. */
	const GROUPS: readonly {
		readonly name: string;
		readonly note: string;
		readonly kinds: readonly (EmailKind | OwnTextKind)[];
	}[] = [
		{ name: texts.groups.employees, note: '', kinds: [...EMPLOYEE_EMAIL_KINDS, 'round'] },
		{
			name: ownTexts.replies,
			note: ownTexts.repliesNote,
			kinds: REPLY_KINDS.map((reply) => replyTextKind(reply))
		},
		{
			name: texts.groups.clinicians,
			note: '',
			kinds: ['referral-new', 'referral-answered', 'referral-ended', 'referral-letter']
		},
		{
			name: texts.groups.accounts,
			note: '',
			kinds: ['deputy-alert', 'account-invitation', 'password-reset', ...ACCOUNT_NOTICES]
		}
	];
	const queryOf = (kind: EmailKind | OwnTextKind, language = data.language, hasPictures = data.hasPictures) =>
		`?kind=${kind}&language=${language}${hasPictures ? '' : '&pictures=off'}`;
</script>

<svelte:head><title>{texts.emailsTitle}</title></svelte:head>

<main class="max-w-6xl px-6 py-6">
	<p class="text-note"><a href="/desk/organisation">{texts.back}</a></p>
	<h1 class="mt-1 text-title">{texts.emailsHeading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.emailsLead}</p>
	<div class="mt-5 grid gap-8 md:grid-cols-[16rem_1fr]">
		<nav aria-label={texts.emailsHeading} class="text-note">
			{#each GROUPS as { name, note, kinds } (name)}
				<Disclosure words={name} isOpen={kinds.includes(shown)}>
					{#if note}<p class="text-ink-soft">{note}</p>{/if}
					<ul>
						{#each kinds as kind (kind)}
							<li class="border-b border-rule last:border-0">
								<a
									class="block py-1 text-ink no-underline hover:bg-sheet"
									class:font-semibold={kind === shown}
									aria-current={kind === shown ? 'page' : undefined}
									href={queryOf(kind)}
									data-sveltekit-noscroll>{nameOf(kind)}</a
								>
							</li>
						{/each}
					</ul>
				</Disclosure>
			{/each}
		</nav>
		<section aria-label={texts.preview(nameOf(shown))}>
			{#if LANGUAGES.length > 1}
				<p class="mb-3 flex flex-wrap gap-4 text-note">
					{#each LANGUAGES as language (language)}
						<a
							href={queryOf(shown, language)}
							lang={language}
							aria-current={language === data.language ? 'true' : undefined}
							class:font-semibold={language === data.language}
							data-sveltekit-noscroll>{LANGUAGE_NAMES[language]}</a
						>
					{/each}
				</p>
			{/if}
			{#if data.own}
				{#key `${shown} ${data.language}`}
					<OwnTextForm own={data.own} language={data.language} timeZone={data.timeZone} />
				{/key}
			{/if}
			{#if data.reply !== null}
				<h2 class="mt-4 text-note font-semibold text-ink-soft">
					{shown === 'referral-letter' ? ownTexts.printed : ownTexts.preview}
				</h2>
				<p lang={data.language} class="mt-1 max-w-prose border border-rule bg-sheet p-4 whitespace-pre-wrap">
					{data.reply || ownTexts.nothingAdded}
				</p>
			{:else if data.email}
				<dl class="mt-6 grid grid-cols-[5rem_1fr] gap-x-3 gap-y-1 border-t border-ink pt-3">
					<dt class="text-ink-soft">{texts.from}</dt>
					<dd lang={data.language}>{data.email.fromName || texts.senderAlone}</dd>
					<dt class="text-ink-soft">{texts.subject}</dt>
					<dd class="font-semibold" lang={data.language}>{data.email.subject}</dd>
				</dl>
				<div class="mt-4 flex justify-between gap-4 text-note">
					<h2 class="font-semibold text-ink-soft">{texts.asHtml}</h2>
					<a href={queryOf(data.kind, data.language, !data.hasPictures)} data-sveltekit-noscroll
						>{data.hasPictures ? texts.hidePictures : texts.showPictures}</a
					>
				</div>
				<iframe
					class="mt-1 h-[38rem] w-full border border-rule bg-white"
					title={texts.preview(nameOf(data.kind))}
					sandbox=""
					src="/desk/organisation/emails/html{queryOf(data.kind)}{data.own ? `&seen=${data.own.seen}` : ''}"
				></iframe>
				<h2 class="mt-4 text-note font-semibold text-ink-soft">{texts.asText}</h2>
				<pre
					lang={data.language}
					class="mt-1 border border-rule bg-sheet p-4 text-note wrap-anywhere whitespace-pre-wrap">{data.email
						.text}</pre>
				<form method="POST" action="?/send" use:enhanceForm={sending.submit} class="mt-4">
					<input type="hidden" name="kind" value={data.kind} />
					<input type="hidden" name="language" value={data.language} />
					<Button size="desk" isBusy={sending.isBusy}>{texts.sendToMe}</Button>
				</form>
				<div role="status">
					{#if sentTo}<div class="mt-3"><Notice kind="done">{texts.sentToMe(sentTo)}</Notice></div>{/if}
				</div>
				<FormError fault={sending.fault} />
			{/if}
		</section>
	</div>
</main>

<script lang="ts">
	import { untrack } from 'svelte';
	import {
		hasSubject,
		OWN_TEXT_LENGTHS,
		type OwnText,
		type OwnTextKind
	} from '$lib/core/platform/sending/own-texts';
	import { deskLanguageOf } from '$lib/messages/desk-language';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import { languageOf } from '$lib/messages/languages';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../kit/Button.svelte';
	import Disclosure from '../kit/Disclosure.svelte';
	import { enhanceForm } from '../kit/enhance-form';
	import Notice from '../kit/Notice.svelte';
	import TextArea from '../kit/TextArea.svelte';
	import TextField from '../kit/TextField.svelte';
	import PublishActs from '../versions/PublishActs.svelte';
	import type { PublishedVersion } from '../versions/version-words';
	import VersionList from '../versions/VersionList.svelte';

	const texts = deskWords.ownTexts;
	const versionWords = {
		...deskWords.versions,
		version: (n: number) => (n === 0 ? texts.originalVersion : deskWords.versions.version(n)),
		original: texts.isOriginal
	};

	interface Props {
		own: {
			readonly kind: OwnTextKind;
			/** How the text stands; changes with every save and publication. */
			readonly seen: number;
			readonly original: OwnText;
			readonly current: OwnText;
			readonly draft: OwnText | null;
			readonly fields: readonly string[];
			readonly versions: readonly (PublishedVersion & {
				/** Null where it went back to the original. */
				readonly text: OwnText | null;
			})[];
		};
		language: string;
		timeZone: string;
	}

	let { own, language, timeZone }: Props = $props();

	const isReply = $derived(!hasSubject(own.kind));
	const saved = $derived(own.draft ?? own.current);
	let typed = $state(untrack(() => ({ ...saved })));
	let note = $state('');
	let notice = $state('');
	const isSame = $derived(typed.subject === saved.subject && typed.body === saved.body);
	const isOriginal = $derived(!own.versions[0]?.text);
	const form = new CaseForm(({ done }) => {
		typed = { ...saved };
		note = '';
		notice =
			done === 'published'
				? isReply
					? texts.publishedReply
					: texts.published
				: texts[done as 'saved' | 'discarded' | 'returned'];
	});
	const hasWords = $derived(!isReply || deskLanguageOf(language) === languageOf(language));
</script>

<form method="POST" action="?/save" use:enhanceForm={form.submit}>
	<input type="hidden" name="text" value={own.kind} />
	<input type="hidden" name="language" value={language} />
	<input type="hidden" name="seen" value={own.seen} />
	<p class="text-note text-ink-soft">
		{own.draft
			? texts.isDraft
			: isOriginal
				? hasWords
					? texts.isOriginal
					: texts.noTranslation
				: texts.isOwn}
	</p>
	<div class="grid gap-3" lang={language}>
		{#if isReply}<input type="hidden" name="subject" value="" />{:else}
			<TextField
				name="subject"
				label={texts.subject}
				size="desk"
				maxlength={OWN_TEXT_LENGTHS.subject}
				value={typed.subject}
				oninput={(text) => (typed.subject = text)}
			/>
		{/if}
		<TextArea
			name="body"
			label={texts.body}
			hint={texts.fieldsHint(deskCatalogue().lists.and([...own.fields]))}
			rows={isReply ? 5 : 9}
			size="desk"
			maxlength={OWN_TEXT_LENGTHS.body}
			value={typed.body}
			oninput={(text) => (typed.body = text)}
		/>
	</div>
	{#if !isReply}<p class="mt-1 text-note">{texts.health}</p>{/if}
	<FormError fault={form.fault} />
	<p class="mt-3 flex flex-wrap gap-3">
		<Button look={own.draft && isSame ? 'plain' : 'main'} size="desk" isBusy={form.isBusy} disabled={isSame}
			>{texts.saveAndLook}</Button
		>
		{#if own.draft}
			<Button size="desk" formaction="?/discard" isBusy={form.isBusy}>{texts.discard}</Button>
		{:else if !isOriginal}
			<Button size="desk" formaction="?/original" isBusy={form.isBusy}>{texts.original}</Button>
		{/if}
	</p>
	{#if own.draft}<PublishActs canPublish={isSame} bind:note isBusy={form.isBusy} />{/if}
	<div role="status">
		{#if notice}<div class="mt-3"><Notice kind="done">{notice}</Notice></div>{/if}
	</div>
</form>
{#if own.versions.length > 0}
	<Disclosure words={texts.versions} look="inline">
		<VersionList
			versions={own.versions}
			current={own.versions[0]?.version ?? 0}
			{timeZone}
			words={versionWords}
		>
			{#snippet changed({ text })}
				<div lang={language} class="text-note">
					<p>{text?.subject}</p>
					<p class="whitespace-pre-wrap text-ink-soft">{text?.body ?? texts.wasOriginal}</p>
				</div>
			{/snippet}
			{#snippet start(version)}
				{@const text =
					version === 0 ? own.original : own.versions.find((one) => one.version === version)?.text}
				{#if text}
					<Button type="button" look="quiet" size="desk" onclick={() => (typed = { ...text })}
						>{texts.use}</Button
					>
				{/if}
			{/snippet}
		</VersionList>
	</Disclosure>
{/if}

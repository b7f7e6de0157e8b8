<script lang="ts">
	import { enhanceForm } from '../kit/enhance-form';
	import { refreshPage } from '../kit/refresh-page';
	import { deskWords } from '$lib/messages/desk';
	import { momentWords } from '$lib/messages/dates';
	import { onMount } from 'svelte';
	import Button from '../kit/Button.svelte';
	import Notice from '../kit/Notice.svelte';
	import TextField from '../kit/TextField.svelte';
	import { canUsePasskeys, PasskeyUse } from './passkey-use.svelte';

	const texts = deskWords.accounts;

	interface Props {
		passkeys: readonly {
			readonly id: string;
			readonly name: string;
			readonly createdAt: Date;
			readonly usedAt: Date | null;
		}[];
		/** The URL with a host name at which passkeys work, where this one has none. */
		namedAddress: string | null;
		timeZone: string;
		/** Called with recovery codes, which are shown once. */
		oncodes: (codes: readonly string[]) => void;
	}

	let { passkeys, namedAddress, timeZone, oncodes }: Props = $props();

	const use = new PasskeyUse();
	let canUse = $state(false);
	let name = $state('');
	onMount(() => (canUse = canUsePasskeys()));

	async function add(event: SubmitEvent) {
		event.preventDefault();
		const codes = await use.add(name.trim());
		if (codes === null) return;
		name = '';
		await refreshPage();
		if (codes.length > 0) oncodes(codes);
	}
</script>

{#if passkeys.length > 0}
	<ul class="mt-3 border-t border-ink">
		{#each passkeys as passkey (passkey.id)}
			<li class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b border-rule py-2">
				<span class="font-semibold">{passkey.name}</span>
				<span class="flex items-center gap-3 text-note text-ink-soft">
					{passkey.usedAt
						? texts.lastUsed(momentWords(passkey.usedAt, timeZone))
						: texts.addedOn(momentWords(passkey.createdAt, timeZone))}
					<form method="POST" action="?/remove" use:enhanceForm>
						<input type="hidden" name="passkey" value={passkey.id} />
						<Button look="quiet" size="desk" aria-label={texts.removePasskey(passkey.name)}>
							{texts.turnOffCodes}
						</Button>
					</form>
				</span>
			</li>
		{/each}
	</ul>
{/if}
{#if use.fault}<div class="mt-3"><Notice kind="caution" role="alert">{use.fault}</Notice></div>{/if}
{#if canUse}
	<form onsubmit={add} class="mt-3 flex flex-wrap items-end gap-3">
		<TextField
			name="name"
			label={texts.passkeyName}
			hint={texts.passkeyNameHint}
			value={name}
			maxlength={60}
			isRequired
			oninput={(text) => (name = text)}
		/>
		<Button isBusy={use.isBusy}>{texts.addPasskey}</Button>
	</form>
{:else if namedAddress}
	<p class="mt-2 text-note">
		{texts.passkeyNeedsName}
		<a class="underline" href="{namedAddress}/desk/account/second-factor">{namedAddress}</a>
	</p>
{:else}
	<p class="mt-2 text-note text-ink-soft">{texts.noPasskeysHere}</p>
{/if}

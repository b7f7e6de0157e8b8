<script lang="ts">
	import { goto } from '$app/navigation';
	import { deskWords } from '$lib/messages/desk';
	import { onMount } from 'svelte';
	import Button from '../kit/Button.svelte';
	import Notice from '../kit/Notice.svelte';
	import { canUsePasskeys, PasskeyUse } from './passkey-use.svelte';

	const texts = deskWords.accounts;

	interface Props {
		/** Page to go on to. */
		to: string;
		/** The name of the organisation's sign-in; null where there is none. */
		providerName: string | null;
	}

	let { to, providerName }: Props = $props();

	const use = new PasskeyUse();
	let canUse = $state(false);
	onMount(() => (canUse = canUsePasskeys()));

	async function sign() {
		const way = await use.signIn(to);
		if (way) await goto(way, { invalidateAll: true });
	}
</script>

{#if canUse || providerName}
	<div class="mt-4 grid justify-items-start gap-3 border-t border-rule pt-4">
		{#if use.fault}<Notice kind="caution" role="alert">{use.fault}</Notice>{/if}
		{#if canUse}
			<Button type="button" onclick={sign} isBusy={use.isBusy}>{texts.usePasskey}</Button>
		{/if}
		{#if providerName}
			<!-- A plain link rather than client-side navigation, because it leads away. -->
			<Button href="/desk/sign-in/provider?to={encodeURIComponent(to)}" data-sveltekit-reload>
				{texts.signInWith(providerName)}
			</Button>
		{/if}
	</div>
{/if}

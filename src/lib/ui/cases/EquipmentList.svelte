<script lang="ts">
	import type { RequestableItem, RequestState } from '$lib/core/equipment';
	import type { Catalogue } from '$lib/messages';
	import RequestActs from '../equipment/RequestActs.svelte';
	import { deskWords } from '$lib/messages/desk';

	interface Request {
		readonly id: string;
		readonly purchase: RequestableItem;
		readonly state: RequestState;
		readonly reason: string;
		readonly version: number;
	}

	interface Props {
		requests: readonly Request[];
		personId: string;
		t: Catalogue;
		/** Whether the reader may decide; a clinician may only view. */
		canDecide: boolean;
	}

	let { requests, personId, t, canDecide }: Props = $props();
</script>

<ul>
	{#each requests as request (request.id)}
		<li class="border-b border-rule py-2 text-note">
			<p>
				<span class="font-semibold">{t.open.buy[request.purchase]}</span>: {deskWords.requests.states[
					request.state
				]}{#if request.reason}
					({request.reason}){/if}
			</p>
			{#if canDecide}
				<div class="mt-1.5">
					<RequestActs {request} {personId} of={t.open.buy[request.purchase]} />
				</div>
			{/if}
		</li>
	{/each}
</ul>

<script lang="ts">
	import type { EquipmentItem, RequestState } from '$lib/core/plan/equipment';
	import RequestActs from '../plan/equipment/RequestActs.svelte';
	import { itemWords, requestStateWords } from '$lib/messages/desk/workforce-words';

	interface Request {
		readonly id: string;
		readonly purchase: EquipmentItem;
		readonly state: RequestState;
		readonly reason: string;
		readonly version: number;
	}

	interface Props {
		requests: readonly Request[];
		personId: string;
		/** Whether the reader may decide; a clinician may only view. */
		canDecide: boolean;
	}

	let { requests, personId, canDecide }: Props = $props();
</script>

<ul>
	{#each requests as request (request.id)}
		<li class="border-b border-rule py-2 text-note">
			<p>
				<span class="font-semibold">{itemWords(request.purchase)}</span>: {requestStateWords(
					request.purchase,
					request.state
				)}{#if request.reason}
					({request.reason}){/if}
			</p>
			{#if canDecide}
				<div class="mt-1.5">
					<RequestActs {request} {personId} of={itemWords(request.purchase)} />
				</div>
			{/if}
		</li>
	{/each}
</ul>

<script lang="ts">
	import type { Page } from '$lib/core/answers';
	import type { Corner } from '$lib/core/corner';
	import { layOutDesk, type DeskThing } from '$lib/core/desk';
	import type { Catalogue } from '$lib/messages';

	interface Props {
		page: Page;
		corner: Corner;
		t: Catalogue;
	}

	let { page, corner, t }: Props = $props();

	/** Width of the desk that is drawn, mm: only its depth is asked. */
	const DESK_WIDE = 1400;
	/** Width of a picture to its height, as most screens are. */
	const WIDE_TO_HIGH = 1.7;

	/** What each station looks at, seen from above. */
	const THINGS: Readonly<Partial<Record<Page, readonly DeskThing[]>>> = {
		spot: [],
		mouse: ['phone'],
		light: ['papers', 'lamp', 'phone']
	};

	const things = $derived(THINGS[page]);
	const { person, spot } = $derived(corner);
	const layout = $derived(
		layOutDesk(person, {
			desk: { width: DESK_WIDE, depth: spot.surface.depth },
			keyboard: spot.keys.base,
			mouseHand: spot.mouse === 'separate' ? person.hand : null,
			screens: [
				{
					share: 1,
					width: spot.screen.visibleHeight * WIDE_TO_HIGH,
					distance: Math.min(spot.screen.distance, 700)
				}
			],
			things: things ?? []
		})
	);
	const reach = $derived(layout.reach);
	const edge = $derived(reach.edge);
	const high = $derived(edge + spot.surface.depth + 60);
	/** The window at the side away from the writing hand: so the hand throws no shadow. */
	const windowX = $derived((person.hand === 'right' ? -1 : 1) * (DESK_WIDE / 2 + 70));
	const arc = (radius: number, side: 1 | -1) =>
		`M${side * reach.halfWidth - radius} 0A${radius} ${radius} 0 0 1 ${side * reach.halfWidth + radius} 0`;
</script>

{#if things}
	<figure class="mt-3 border border-rule bg-sheet">
		<!-- From above: x to the right of the person, y forward, so that up is away from them. -->
		<svg viewBox="-820 {-high} 1640 {high + 150}" role="img" aria-label={t.look[page] ?? ''}>
			<rect
				class="wood"
				x={-DESK_WIDE / 2}
				y={-(edge + spot.surface.depth)}
				width={DESK_WIDE}
				height={spot.surface.depth}
			/>
			{#if page === 'spot'}
				<path class="window" d="M{windowX} {-high + 40}V-120M{windowX + 24} {-high + 40}V-120" />
			{:else}
				{#each [1, -1] as const as side (side)}<path class="reach" d={arc(reach.forearm, side)} />{/each}
			{/if}
			{#each layout.things as thing (thing.name)}
				<g transform="translate({thing.at.x} {-thing.at.y}) rotate({thing.turnedDeg})">
					<rect
						class="thing"
						class:screen={thing.name.startsWith('screen')}
						x={-thing.size[0] / 2}
						y={thing.name.startsWith('screen') ? -18 : -thing.size[1] / 2}
						width={thing.size[0]}
						height={thing.name.startsWith('screen') ? 36 : thing.size[1]}
						rx="8"
					/>
				</g>
				{#if t.lookThings[thing.name]}
					<text x={thing.at.x} y={-thing.at.y + 14}>{t.lookThings[thing.name]}</text>
				{/if}
			{/each}
			<ellipse class="person" cx="0" cy="30" rx={reach.halfWidth + 50} ry="105" />
			<circle class="person" cx="0" cy="10" r="88" />
			<path class="person" d="M-16 -76L0 -104L16 -76" />
		</svg>
		<figcaption class="border-t border-rule px-3 py-1.5 text-note text-ink-soft">{t.look[page]}</figcaption>
	</figure>
{/if}

<style>
	svg {
		display: block;
		width: 100%;
		max-height: 13rem;
	}
	.person {
		fill: var(--sheet);
		stroke: var(--ink);
		stroke-width: 7;
	}
	.wood {
		fill: var(--wood);
		stroke: var(--wood-edge);
		stroke-width: 5;
	}
	.thing {
		fill: var(--sheet);
		stroke: var(--ink);
		stroke-width: 5;
	}
	.screen {
		fill: var(--ink);
	}
	.reach {
		fill: none;
		stroke: var(--cool);
		stroke-width: 6;
		stroke-dasharray: 6 18;
		stroke-linecap: round;
	}
	.window {
		stroke: var(--cool);
		stroke-width: 9;
	}
	text {
		font: 44px var(--font-sans);
		text-anchor: middle;
		fill: var(--ink);
	}
</style>

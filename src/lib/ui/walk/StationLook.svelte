<script lang="ts">
	import type { LevelName } from '$lib/core/section';
	import type { Page } from '$lib/core/answers';
	import type { Corner } from '$lib/core/corner';
	import {
		idealCorner,
		idealOtherPosture,
		sectionOf,
		type Box,
		type DrawnAs,
		type Point
	} from '$lib/core/section';
	import { factsOf } from '$lib/core/conditions';
	import type { Catalogue } from '$lib/messages';
	import { wordsFor } from '$lib/messages/words-for';
	import { smoothPath } from '../section/smooth-path';

	interface Props {
		page: Page;
		corner: Corner;
		drawnAs: DrawnAs;
		t: Catalogue;
	}

	let { page, corner, drawnAs, t }: Props = $props();

	const words = $derived(wordsFor(t.look[page] ?? '', factsOf(corner)));

	// This person at a corner that fits: what is drawn is what the station wants.
	const section = $derived(
		sectionOf(page === 'second' ? idealOtherPosture(corner) : idealCorner(corner), null, null, drawnAs)
	);
	const f = $derived(section.furniture);
	const levelOf = (name: LevelName) => section.levels.find((l) => l.name === name)?.y ?? 0;
	const H = $derived(corner.person.stature);
	const joint = (i: number): Point => section.joints[i] ?? { x: 0, y: 0 };

	/** What is cut out, mm, and the height that matters there. */
	const cut = $derived.by((): { box: Box; level: number | null } | null => {
		const [, , wrist, hip, knee, ankle] = [0, 1, 2, 3, 4, 5].map(joint);
		if (!wrist || !hip || !knee || !ankle) return null;
		const around = (x: number, y: number, width: number, height: number): Box => ({
			x: x * H,
			y: y * H,
			width: width * H,
			height: height * H
		});
		const at = (p: Point) => ({ x: p.x / H, y: p.y / H });
		if (page === 'feet' && section.posture === 'sitting')
			return {
				box: { ...around(-0.06, -0.01, 0.62, 0), height: levelOf('seat') + 0.14 * H },
				level: levelOf('seat')
			};
		if (page === 'back') return { box: around(-0.12, at(hip).y - 0.06, 0.62, 0.46), level: null };
		if (page === 'hands')
			return { box: around(-0.06, at(wrist).y - 0.13, 0.62, 0.36), level: levelOf('elbow') };
		if (page === 'screen')
			return { box: around(-0.06, levelOf('eye') / H - 0.26, 0.62, 0.38), level: levelOf('eye') };
		if (page === 'second') return { box: around(-0.2, -0.01, 1.1, 1.05), level: levelOf('elbow') };
		if (page === 'safety')
			return {
				box: { x: f.surface.x - 420, y: -20, width: f.surface.width + 640, height: f.surface.y + 160 },
				level: null
			};
		return null;
	});
	/** Under a table as it should be, mm: the strip hangs beneath the top, one cable runs down the far leg to the wall. */
	const safe = $derived.by(() => {
		const { x, y, width } = f.surface;
		const [right, under] = [x + width, -y];
		return {
			strip: { x: right - 330, y: under, width: 210, height: 46 },
			cable: `M${right - 120} ${under + 26}h60Q${right - 40} ${under + 26} ${right - 40} ${under + 60}V-210Q${right - 40} -170 ${right} -170H${right + 150}`,
			socket: { x: right + 150, y: -230, width: 26, height: 120 },
			wall: right + 178
		};
	});
	const closed = (points: readonly Point[]) =>
		smoothPath(
			points.map(({ x, y }) => ({ x, y: -y })),
			true
		);
</script>

{#if cut}
	{@const { box, level } = cut}
	<figure class="mt-3 border border-rule bg-sheet">
		<svg
			viewBox="{box.x} {-(box.y + box.height)} {box.width} {box.height}"
			class:tall={page === 'second'}
			role="img"
			aria-label={words}
		>
			{#if f.seat}
				<rect
					class="wood"
					x={f.seat.slab.x}
					y={-(f.seat.slab.y + f.seat.slab.height)}
					width={f.seat.slab.width}
					height={f.seat.slab.height}
				/>
				{#if f.seat.back}
					<line
						class="back"
						x1={f.seat.back[0].x}
						y1={-f.seat.back[0].y}
						x2={f.seat.back[1].x}
						y2={-f.seat.back[1].y}
					/>
				{/if}
			{/if}
			<path class="person" d={closed(section.figure.body)} />
			<rect
				class="wood"
				x={f.surface.x}
				y={-(f.surface.y + f.surface.height)}
				width={f.surface.width}
				height={f.surface.height}
			/>
			{#if f.keys}<rect
					class="thing"
					x={f.keys.x}
					y={-(f.keys.y + f.keys.height)}
					width={f.keys.width}
					height={f.keys.height}
				/>{/if}
			<path
				class="neck"
				d="M{f.screen.bottom.x - 70} {-(f.surface.y + f.surface.height)}h140m-70 0V{-f.screen.bottom.y}"
			/>
			<line
				class="lid"
				x1={f.screen.bottom.x}
				y1={-f.screen.bottom.y}
				x2={f.screen.top.x}
				y2={-f.screen.top.y}
			/>
			{#if section.figure.arm.length > 0}<path class="person" d={closed(section.figure.arm)} />{/if}
			<line class="floor" x1="-2000" x2="3000" y1="0" y2="0" />
			{#if page === 'safety'}
				<rect class="thing" {...safe.strip} rx="6" />
				<path class="cable" d={safe.cable} />
				<rect class="thing" {...safe.socket} rx="6" />
				<line class="floor" x1={safe.wall} x2={safe.wall} y1="0" y2="-3000" />
				<path
					class="leg"
					d="M{f.surface.x + 50} {-f.surface.y}V0M{f.surface.x + f.surface.width - 90} {-f.surface.y}V0"
				/>
			{/if}
			{#if level !== null}<line class="level" x1="-2000" x2="3000" y1={-level} y2={-level} />{/if}
		</svg>
		<figcaption class="border-t border-rule px-3 py-1.5 text-note text-ink-soft">{words}</figcaption>
	</figure>
{/if}

<style>
	svg {
		display: block;
		width: 100%;
		max-height: 13rem;
	}
	svg.tall {
		max-height: 18rem;
	}
	.person {
		fill: var(--sheet);
		stroke: var(--ink);
		stroke-width: 5;
		stroke-linejoin: round;
	}
	.wood {
		fill: var(--wood);
		stroke: var(--wood-edge);
		stroke-width: 4;
	}
	.back {
		stroke: var(--wood-edge);
		stroke-width: 22;
		stroke-linecap: round;
	}
	.thing {
		fill: var(--grid);
		stroke: var(--ink);
		stroke-width: 3;
	}
	.lid {
		stroke: var(--ink);
		stroke-width: 14;
		stroke-linecap: round;
	}
	.neck {
		fill: none;
		stroke: var(--ink);
		stroke-width: 8;
		stroke-linecap: round;
	}
	.floor {
		stroke: var(--ink);
		stroke-width: 5;
	}
	.cable {
		fill: none;
		stroke: var(--warm);
		stroke-width: 12;
		stroke-linejoin: round;
	}
	.leg {
		fill: none;
		stroke: var(--wood-edge);
		stroke-width: 18;
	}
	.level {
		stroke: var(--cool);
		stroke-width: 4;
		stroke-dasharray: 4 14;
		stroke-linecap: round;
	}
</style>

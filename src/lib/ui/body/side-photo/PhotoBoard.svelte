<script lang="ts">
	import type { PhotoTexts } from '$lib/messages/photo';
	import {
		CORNER_MARKS,
		PHOTO_LIMBS,
		UPRIGHT_MARKS,
		type PhotoMarkName,
		type PicturePoint
	} from '$lib/core/body/side-photo/marks';
	import PictureMark from '../../platform/kit/PictureMark.svelte';
	import type { OpenPicture } from './load-picture';
	import type { PhotoSession } from './photo-session.svelte';

	interface Props {
		picture: OpenPicture;
		session: PhotoSession;
		texts: PhotoTexts;
	}

	let { picture, session, texts }: Props = $props();

	/** Lines between marks, as a body has them. */
	const LINES: readonly (readonly PhotoMarkName[])[] = [
		...PHOTO_LIMBS,
		[...CORNER_MARKS, CORNER_MARKS[0]],
		...UPRIGHT_MARKS
	];
	/** The magnifier shows this many pixels of the picture across. */
	const MAGNIFIED_PX = 110;
	/** A finger that moves less than this only taps, px of the screen. */
	const TAP_PX = 5;
	/** One step of the arrow keys, and of them with Shift, px. */
	const STEPS = { fine: 1, coarse: 12 } as const;

	let board = $state<HTMLElement>();
	let canvas = $state<HTMLCanvasElement>();
	let lens = $state<HTMLCanvasElement>();
	let moving = $state<PhotoMarkName | null>(null);
	/** Where a mark was pressed that hasn't moved yet. */
	let tapped: PicturePoint | null = null;

	const placed = $derived(session.order.filter((name) => session.marks[name]));
	const lines = $derived(
		LINES.map((names) => names.flatMap((name) => session.marks[name] ?? [])).filter(
			({ length }) => length > 1
		)
	);
	const near = $derived(session.active ? session.marks[session.active] : undefined);
	/** On the half of the picture where the mark is not. */
	const isLensLeft = $derived(near !== undefined && near.x > picture.widthPx / 2);

	$effect(() => {
		canvas?.getContext('2d')?.drawImage(picture.bitmap, 0, 0);
	});
	$effect(() => {
		const drawing = lens?.getContext('2d');
		if (!drawing || !near || !lens) return;
		const half = MAGNIFIED_PX / 2;
		drawing.clearRect(0, 0, lens.width, lens.height);
		drawing.imageSmoothingEnabled = false;
		drawing.drawImage(
			picture.bitmap,
			near.x - half,
			near.y - half,
			MAGNIFIED_PX,
			MAGNIFIED_PX,
			0,
			0,
			lens.width,
			lens.height
		);
	});

	function pointOf(event: PointerEvent): PicturePoint {
		const box = board?.getBoundingClientRect();
		return box
			? {
					x: ((event.clientX - box.left) / box.width) * picture.widthPx,
					y: ((event.clientY - box.top) / box.height) * picture.heightPx
				}
			: { x: 0, y: 0 };
	}

	function down(event: PointerEvent) {
		const grabbed = (event.target as HTMLElement).dataset['mark'] as PhotoMarkName | undefined;
		const name = grabbed ?? session.next;
		if (!name || event.button !== 0) return;
		board?.setPointerCapture(event.pointerId);
		moving = name;
		tapped = grabbed ? pointOf(event) : null;
		if (grabbed) session.active = grabbed;
		else session.place(name, pointOf(event));
	}

	function move(event: PointerEvent) {
		if (!moving) return;
		const at = pointOf(event);
		const perPx = picture.widthPx / (board?.clientWidth || 1);
		if (tapped && Math.hypot(at.x - tapped.x, at.y - tapped.y) < TAP_PX * perPx) return;
		tapped = null;
		session.place(moving, at);
	}

	function up() {
		// A tap on a mark that isn't moved means the next one, close to it.
		if (tapped && session.next) session.place(session.next, tapped);
		if (moving) session.settle();
		moving = null;
		tapped = null;
	}

	function nudge(event: KeyboardEvent, name: PhotoMarkName) {
		const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
		if (!way) return;
		event.preventDefault();
		const [dx = 0, dy = 0] = way;
		const step = event.shiftKey ? STEPS.coarse : STEPS.fine;
		session.nudge(name, dx * step, dy * step);
	}

	/** Puts the next mark where the selected one is, or into the middle, from where keys move it. */
	function placeByKey(event: KeyboardEvent) {
		const from = (event.target as HTMLElement).dataset['mark'] as PhotoMarkName | undefined;
		if ((event.target !== board && !from) || (event.key !== 'Enter' && event.key !== ' ')) return;
		event.preventDefault();
		session.settle();
		const name = session.next;
		if (!name) return;
		session.place(name, (from && session.marks[from]) ?? { x: picture.widthPx / 2, y: picture.heightPx / 2 });
		requestAnimationFrame(() => board?.querySelector<HTMLElement>(`[data-mark="${name}"]`)?.focus());
	}
</script>

<!-- A picture to put marks into: a drawing surface, which no native control is. Each mark is a button. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
<div
	class="board"
	bind:this={board}
	role="group"
	aria-label={texts.picture}
	aria-describedby="photo-keys"
	tabindex="0"
	style:aspect-ratio="{picture.widthPx} / {picture.heightPx}"
	style:max-width="calc(78vh * {picture.widthPx} / {picture.heightPx})"
	onpointerdown={down}
	onpointermove={move}
	onpointerup={up}
	onpointercancel={up}
	onkeydown={placeByKey}
>
	<canvas bind:this={canvas} width={picture.widthPx} height={picture.heightPx}></canvas>
	<svg viewBox="0 0 {picture.widthPx} {picture.heightPx}" aria-hidden="true">
		{#each lines as line, i (i)}
			{@const points = line.map(({ x, y }) => `${x},${y}`).join(' ')}
			<polyline class="under" {points} /><polyline class="over" {points} />
		{/each}
	</svg>
	{#each placed as name (name)}
		{@const at = session.marks[name]}
		{#if at}
			<PictureMark
				mark={name}
				words={texts.marks[name]}
				at={{ x: at.x / picture.widthPx, y: at.y / picture.heightPx }}
				isActive={session.active === name}
				onfocus={() => (session.active = name)}
				onkeydown={(event) => nudge(event, name)}
			/>
		{/if}
	{/each}
	{#if near}
		<div class="lens" class:at-start={isLensLeft}>
			<canvas bind:this={lens} width="264" height="264" aria-label={texts.magnifier}></canvas>
			<span class="cross" aria-hidden="true"></span>
		</div>
	{/if}
</div>

<style>
	.board {
		position: relative;
		width: 100%;
		margin-inline: auto;
		overflow: hidden;
		background: var(--sheet);
		border: 1px solid var(--rule);
		cursor: crosshair;
		touch-action: none;
		user-select: none;
	}
	.board > canvas,
	svg {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
		pointer-events: none;
	}
	polyline {
		fill: none;
		vector-effect: non-scaling-stroke;
	}
	.under {
		stroke: #fff;
		stroke-width: 4.5;
	}
	.over {
		stroke: #12303a;
		stroke-width: 1.8;
	}
	.lens {
		position: absolute;
		inset-block-start: 8px;
		inset-inline-end: 8px;
		width: 132px;
		height: 132px;
		overflow: hidden;
		border: 2px solid #fff;
		border-radius: 50%;
		outline: 1.5px solid #12303a;
		pointer-events: none;
	}
	.lens.at-start {
		inset-inline: 8px auto;
	}
	.lens canvas {
		width: 100%;
		height: 100%;
	}
	.cross::before,
	.cross::after {
		content: '';
		position: absolute;
		background: #d4002a;
		outline: 1px solid rgb(255 255 255 / 70%);
	}
	.cross::before {
		inset: 50% 38% auto;
		height: 1px;
	}
	.cross::after {
		inset: 38% auto 38% 50%;
		width: 1px;
	}
</style>

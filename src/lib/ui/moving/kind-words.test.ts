import { describe, expect, it } from 'vitest';
import { SOUND_BODY } from '../../../../tests/support/sound-body';
import { BREAK_KINDS, chooseSet, RHYTHMS } from '$lib/core/moving';
import { REGIONS } from '$lib/core/discomfort';
import { messagesFor } from '$lib/messages';
import { movingTextsFor } from '$lib/messages/moving';
import { kindWords, rhythmWords, shortKindWords } from './kind-words';

const texts = movingTextsFor(messagesFor().locale);

/** What nobody says to somebody who stays seated. */
const ON_FEET = /\bstairs?\b|\bget(?:ting)? up\b|\bstand(?:ing)?\b|\bon your feet\b|\bwalk(?:ing)?\b|^up\b/i;

describe('words for who stays seated', () => {
	it('have nothing on one’s feet in them: rhythms, kinds of break, exercises', () => {
		const said = [
			...RHYTHMS.flatMap((rhythm) => Object.values(rhythmWords(texts, rhythm, true))),
			...BREAK_KINDS.flatMap((kind) => [kindWords(texts, kind, true), shortKindWords(texts, kind, true)])
		];
		expect(said.filter((words) => ON_FEET.test(words))).toEqual([]);
		// The others are told so, or the words would say nothing.
		expect(RHYTHMS.some((rhythm) => ON_FEET.test(rhythmWords(texts, rhythm, false).why))).toBe(true);
		expect(kindWords(texts, 'up', false)).toMatch(ON_FEET);
		for (const isInWheelchair of [true, false])
			for (const region of REGIONS)
				for (const kind of BREAK_KINDS) {
					const { exercises } = chooseSet({
						kind,
						seconds: 180,
						body: { ...SOUND_BODY, isInWheelchair, worst: { [region]: 5 } },
						positions: ['seated'],
						sinceMin: {}
					});
					const words = exercises.flatMap((id) => {
						const { name, phases } = texts.exercises[id];
						return [name, ...Object.values(phases as Record<string, string>)];
					});
					expect(words.filter((one) => ON_FEET.test(one))).toEqual([]);
				}
	});
});

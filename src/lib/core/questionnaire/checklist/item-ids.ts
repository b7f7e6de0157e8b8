import type { ITEMS_1 } from './items-1';
import type { ITEMS_2 } from './items-2';
import type { ITEMS_3 } from './items-3';

type AnyItem = (typeof ITEMS_1)[number] | (typeof ITEMS_2)[number] | (typeof ITEMS_3)[number];

/** Id of a question of any version. */
export type ItemId = AnyItem['id'];

/** Id of an answer to a question, of any version that asks it. */
export type AnswerId<I extends ItemId = ItemId> = Extract<
	AnyItem,
	{ readonly id: I }
>['answers'][number]['id'];

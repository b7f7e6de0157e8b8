import { Type } from 'typebox';
import { EQUIPMENT_ITEM_PATTERN, type EquipmentItem } from '../../../core/plan/equipment';

/** The code of an item of the catalogue, in a form. */
export const equipmentItem = Type.Unsafe<EquipmentItem>(Type.String({ pattern: EQUIPMENT_ITEM_PATTERN }));

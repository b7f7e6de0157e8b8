export { slopeOfBooks } from './sloped-books';
export { VARIANT_IDS, type Variant, type VariantId, type VariantNumbers } from './variant';
export { variantsOf } from './variants-of';

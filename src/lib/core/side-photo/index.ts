export { findSheetCorners, type FoundCorners, type GreyPicture } from './find-sheet-corners';
export {
	PHOTO_JOINTS,
	PHOTO_SCALES,
	type FlatScale,
	type PhotoJoint,
	type PhotoMarks,
	type PhotoScale,
	type PicturePoint,
	type SheetCorners
} from './marks';
export {
	PHOTO_ANGLES,
	PHOTO_HEIGHTS,
	PHOTO_LENGTHS,
	type PhotoAngle,
	type PhotoDoubt,
	type PhotoHeight,
	type PhotoLength,
	type PhotoValue,
	type SidePhotoReading
} from './photo-values';
export { readSidePhoto } from './read-side-photo';

export { findSheetCorners, type FoundCorners, type GreyPicture } from './find-sheet-corners';
export {
	CORNER_MARKS,
	PHOTO_JOINTS,
	PHOTO_LIMBS,
	PHOTO_SCALES,
	UPRIGHT_MARKS,
	type FlatScale,
	type PhotoJoint,
	type PhotoMarkName,
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
	type PhotoIssue,
	type PhotoHeight,
	type PhotoLength,
	type PhotoValue,
	type SidePhotoReading
} from './photo-values';
export { readSidePhoto, type PhotoPerson } from './read-side-photo';

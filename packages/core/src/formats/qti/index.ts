/** 1EdTech QTI: items of version 3.0 in a content package are written, those of 3.0 and 2.x are read. */
export {
  LARGEST_PACKAGE,
  type PackagePicture,
  type ReadPackage,
  readQtiPackage,
  type WrittenPackage,
  writeQtiPackage,
} from './package.js';

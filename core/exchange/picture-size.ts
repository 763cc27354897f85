import { imageSize } from "image-size";
import type { PictureSize } from "../rules/rule.ts";

/** The size of a picture file in its own pixels, as it is turned for the viewer; null where it cannot be told. */
export function pictureSize(bytes: Uint8Array): PictureSize | null {
  try {
    const { width, height, orientation = 1 } = imageSize(bytes);
    // Exif orientations from 5 on lie on their side.
    return orientation >= 5 ? { width: height, height: width } : { width, height };
  } catch {
    return null;
  }
}

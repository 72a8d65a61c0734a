/** sRGB's transfer curve (IEC 61966-2-1): a channel as it is stored, 0 to 1, of linear light, 0 to 1, and back. */

export const srgbFromLinear = (linear: number): number =>
  linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055;

export const linearFromSrgb = (stored: number): number =>
  stored <= 0.04045 ? stored / 12.92 : ((stored + 0.055) / 1.055) ** 2.4;

/** Luminance of linear light in the primaries of sRGB (IEC 61966-2-1). */
export const luminanceOf = (r: number, g: number, b: number): number => 0.2126 * r + 0.7152 * g + 0.0722 * b;

/** Linear light of each byte of sRGB. */
export const LINEAR_OF_BYTE = Float32Array.from({ length: 256 }, (_, byte) => linearFromSrgb(byte / 255));

/** Mid-grey as a part of white, in linear light, in a picture as cameras write it. */
export const MID_GREY = 0.18;

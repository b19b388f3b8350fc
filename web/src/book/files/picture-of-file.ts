import { MOST_OF_A_PICTURE } from '@gleddo/core';

/** The longest side in pixels: a page photographed is still read easily. */
const LONGEST = 1600;
const QUALITIES = [0.85, 0.6, 0.4];

const asUrl = (file: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.onerror = () => reject(reader.error ?? new Error('unreadable'));
    reader.readAsDataURL(file);
  });

async function drawnSmaller(file: File): Promise<string> {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  const urls = QUALITIES.map((quality) => canvas.toDataURL('image/jpeg', quality));
  return urls.find(({ length }) => length <= MOST_OF_A_PICTURE) ?? '';
}

/** A picture as a data URL, made smaller where it is too large to be kept; throws a sentence where it is none. */
export async function pictureOfFile(file: File): Promise<string> {
  try {
    const isKept = file.type === 'image/png' || file.type === 'image/jpeg';
    const url = isKept ? await asUrl(file) : '';
    return url !== '' && url.length <= MOST_OF_A_PICTURE ? url : await drawnSmaller(file);
  } catch {
    throw new Error(`“${file.name}” can’t be read as a picture. Choose a PNG or a JPEG.`);
  }
}

import { disableTypes, imageSize, types } from 'image-size';
import { refusal } from '../refusal/refusal.js';
import { judgedText } from '../shape/shape.js';

/** How a picture of each kind begins, in base64: its first bytes say what it is, whatever it is called. */
const BEGINNINGS = { 'image/png': 'iVBORw0KGgo', 'image/jpeg': '/9j/' } as const;
export type PictureKind = keyof typeof BEGINNINGS;

export interface Picture {
  readonly kind: PictureKind;
  /** Base64. */
  readonly data: string;
}

/** In characters of base64: some 900 KB of picture. */
export const MOST_OF_A_PICTURE = 1_200_000;

export const notAPicture = refusal(
  'guide.not-a-picture',
  () =>
    'Only a picture as PNG or JPEG of at most 900 KB and 24 million dots is taken. Save it as one of these, smaller.',
);

/** Drawn, each dot takes four bytes of whoever looks at it. */
const MOST_DOTS = 24_000_000;
const LONGEST_SIDE = 12_000;

disableTypes(types.filter((type) => type !== 'png' && type !== 'jpg'));

declare const atob: (base64: string) => string;

/** Whether a picture says of itself that it is of a size that can be drawn. */
function canBeDrawn(base64: string): boolean {
  try {
    const bytes = Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
    const { width, height } = imageSize(bytes);
    return width * height <= MOST_DOTS && Math.max(width, height) <= LONGEST_SIDE;
  } catch {
    return false;
  }
}

/** The picture in a data URL; null: there is none that could be shown. */
export function pictureIn(url: string): Picture | null {
  const found = /^data:(image\/png|image\/jpeg);base64,/.exec(url);
  if (!found || url.length > MOST_OF_A_PICTURE) return null;
  const kind = found[1] as PictureKind;
  const data = url.slice(found[0].length);
  const isBase64 = /^[A-Za-z0-9+/]+={0,2}$/.test(data);
  return data.startsWith(BEGINNINGS[kind]) && isBase64 && canBeDrawn(data) ? { kind, data } : null;
}

export const urlOfPicture = ({ kind, data }: Picture): string => `data:${kind};base64,${data}`;

const isName = (text: string): boolean => /^[\w-]{1,60}$/.test(text);

/** A picture itself, as a data URL, or the name under which it is kept. */
export const pictureText = judgedText(
  (text) => (isName(text) || pictureIn(text) !== null ? null : notAPicture({})),
  { maxLength: MOST_OF_A_PICTURE },
);

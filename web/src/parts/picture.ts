import { t } from '@lingui/core/macro';
const most = 1600;

/** A picture file made small enough to keep, as JPEG in base64. */
export async function small(file: File): Promise<string> {
  const picture = await createImageBitmap(file).catch(() => {
    throw new Error(t`${file.name} is not a picture this browser can read. Accepted: JPEG, PNG, WebP.`);
  });
  const scale = Math.min(1, most / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return canvas.toDataURL('image/jpeg', 0.85).replace(/^data:[^,]*,/, '');
}

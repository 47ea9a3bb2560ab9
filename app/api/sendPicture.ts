import { defined } from '#core/defined'
import { request } from './request'

const longestSide = 1600
const quality = 0.85

/** Sends a picture and gives back its identifier. */
export async function sendPicture(picture: Blob): Promise<string> {
  return (await request('POST', '/api/pictures', { body: picture, takes: 'picture' })).id
}

/**
 * A photo drawn anew at the size that a board needs: it travels fast, and what a camera writes beside the
 * picture (place, time, device) stays behind.
 */
export async function shrinkPhoto(file: File): Promise<Blob> {
  const picture = await createImageBitmap(file).catch(() => {
    throw new Error('We can’t show this file. Try a JPEG, PNG or WebP picture.')
  })
  const scale = Math.min(1, longestSide / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * scale))
  canvas.height = Math.max(1, Math.round(picture.height * scale))
  defined(canvas.getContext('2d')).drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  return canvasBlob(canvas, 'image/jpeg', quality)
}

/** A canvas as a picture file. */
export function canvasBlob(canvas: HTMLCanvasElement, type: string, asQuality?: number): Promise<Blob> {
  return new Promise((done, fail) =>
    canvas.toBlob(
      (blob) => (blob ? done(blob) : fail(new Error('We couldn’t make the picture. Try again.'))),
      type,
      asQuality,
    ),
  )
}

/** A picture in base64, as it travels within JSON. */
export function pictureText(picture: Blob): Promise<string> {
  return new Promise((done, fail) => {
    const reader = new FileReader()
    reader.onload = () => done((reader.result as string).replace(/^[^,]*,/, ''))
    reader.onerror = () => fail(new Error('We couldn’t read the picture. Take it again.'))
    reader.readAsDataURL(picture)
  })
}

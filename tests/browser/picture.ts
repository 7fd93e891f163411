import type { Page } from '@playwright/test';

/** A picture larger than any is kept, drawn here: a camera's file. */
export async function pictureOf(page: Page): Promise<Buffer> {
  const url = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    canvas.width = 2800;
    canvas.height = 2100;
    const pen = canvas.getContext('2d')!;
    pen.fillStyle = '#345';
    pen.fillRect(0, 0, 2800, 2100);
    pen.fillStyle = '#fc3';
    pen.fillRect(900, 700, 900, 600);
    return canvas.toDataURL('image/png');
  });
  return Buffer.from(url.slice(url.indexOf(',') + 1), 'base64');
}

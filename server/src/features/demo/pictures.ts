import sharp from 'sharp';

/** Small drawings that stand for photos in the demo: a tube in its cup with a closed or an open fillet. Never real photographs. */
export function demoPhoto(kind: 'front' | 'mirror' | 'open'): Promise<Buffer> {
  const gap = kind === 'open' ? '<path d="M196 96 l8 20 l8 -20 z" fill="#1d1b19"/>' : '';
  const mirror =
    kind === 'mirror'
      ? '<circle cx="200" cy="150" r="104" fill="none" stroke="#8c8f94" stroke-width="12"/><rect x="280" y="222" width="90" height="16" fill="#55595e" transform="rotate(40 280 222)"/>'
      : '';
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="400" height="300">
    <rect width="400" height="300" fill="#e9e2d6"/>
    <rect x="0" y="112" width="210" height="76" fill="#db9264"/><rect x="0" y="112" width="210" height="14" fill="#e8b08a"/>
    <rect x="204" y="92" width="196" height="116" fill="#d3b75c"/><rect x="204" y="92" width="196" height="16" fill="#e3cf8a"/>
    <path d="M204 92 Q198 112 186 112 L186 188 Q198 188 204 208 z" fill="#b9bcc0"/>${gap}${mirror}</svg>`;
  return sharp(Buffer.from(svg)).png({ compressionLevel: 9, palette: false }).toBuffer();
}

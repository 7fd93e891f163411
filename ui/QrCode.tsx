import QR from 'qrcode';

/** A code that a phone reads as text, black on white in every theme: what reads it needs the contrast. */
export function QrCode({ text, className }: { text: string; className?: string }) {
  const { size, data } = QR.create(text, { errorCorrectionLevel: 'M' }).modules;
  const dark = Array.from(data).flatMap((module, at) =>
    module ? [`M${at % size} ${Math.floor(at / size)}h1v1h-1z`] : [],
  );
  return (
    <svg
      viewBox={`-4 -4 ${size + 8} ${size + 8}`}
      role="img"
      aria-label={`Code for ${text}`}
      className={className}
      shapeRendering="crispEdges"
    >
      <rect x="-4" y="-4" width={size + 8} height={size + 8} fill="#fff" />
      <path d={dark.join('')} fill="#000" />
    </svg>
  );
}

/** The hold sign. Shape and word carry it; colour only helps. */
export function Octagon({ size = 24, label }: { size?: number; label?: string }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="-11 -11 22 22"
      role={label ? 'img' : undefined}
      aria-label={label}
      aria-hidden={label ? undefined : true}
      className="shrink-0"
    >
      <path
        d="M-10-4.2L-4.2-10H4.2L10-4.2V4.2L4.2 10H-4.2L-10 4.2Z"
        fill="var(--stop-wash)"
        stroke="var(--stop)"
        strokeWidth="2"
      />
      <path d="M0-5.5V1.2M0 4.6v.8" stroke="var(--stop)" strokeWidth="2.8" fill="none" />
    </svg>
  );
}

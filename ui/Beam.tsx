/** How likely, as a length on a baseline; the number stands beside it, so this says nothing to a reader. */
export function Beam({ share }: { share: number }) {
  return (
    <div aria-hidden="true" className="relative h-1.5 border-b-[1.5px] border-ink">
      <i
        className="absolute bottom-0 left-0 h-1.5 bg-ink transition-[width] duration-200"
        style={{ width: `${Math.min(100, share * 100)}%` }}
      />
    </div>
  );
}

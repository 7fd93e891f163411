/** Millilitres drawn so far on the rule, with each bottle's end marked, so that the last corner never runs short. */
export function BottleRule({
  drawnMl,
  totalMl,
  bottleMl,
}: {
  drawnMl: number;
  totalMl: number;
  bottleMl: number;
}) {
  const bottles = Math.ceil(totalMl / bottleMl);
  const whole = bottles * bottleMl;
  const share = (ml: number) => `${(ml / whole) * 100}%`;
  return (
    <div
      className="my-3"
      role="img"
      aria-label={`${drawnMl} of ${totalMl} ml drawn, ${bottles} bottles of ${bottleMl} ml`}
    >
      <div className="relative h-8 border-b-2 border-ink">
        <div
          className="absolute bottom-0 left-0 h-3 bg-straw transition-[width] duration-300"
          style={{ width: share(drawnMl) }}
        />
        {Array.from({ length: whole / 50 + 1 }, (_, index) => (
          <i
            key={index}
            className="absolute bottom-0 w-px bg-ink"
            style={{
              left: share(index * 50),
              height: (index * 50) % bottleMl === 0 ? 24 : index % 2 === 0 ? 12 : 7,
            }}
          />
        ))}
        <i className="absolute bottom-0 h-8 w-0.5 bg-stop" style={{ left: share(totalMl) }} />
      </div>
      <p className="reading flex justify-between text-small text-soft">
        <span>{drawnMl} ml out</span>
        <span>
          needs {totalMl} of {whole} ml
        </span>
      </p>
    </div>
  );
}

type Props = { label: string; accept: string; disabled?: boolean; onFile: (file: File) => void };

/** A file from this device, read as it is chosen; the same one again, too. */
export function FileField({ label, accept, disabled, onFile }: Props) {
  return (
    <label className="grid gap-1">
      <span className="narrow text-small font-semibold">{label}</span>
      <input
        type="file"
        accept={accept}
        disabled={disabled}
        className="min-h-11 w-full max-w-md border border-ink bg-card p-2 file:mr-3 file:border-0 file:bg-ink file:px-3 file:py-1 file:font-semibold file:text-sheet"
        onClick={(event) => {
          event.currentTarget.value = '';
        }}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
        }}
      />
    </label>
  );
}

import { Button } from '@/ui/Button';
import { cn } from '@/ui/cn';
import { Trouble } from '@/ui/Trouble';

type Props = {
  /** What is wrong with the whole of it; what is wrong with a field stands at the field. */
  trouble?: string | false;
  onLeave: () => void;
  className?: string;
};

/** The end of a small form that notes one thing: noted, or left. */
export function NoteEnd({ trouble, onLeave, className }: Props) {
  return (
    <div className={cn('grid gap-3', className)}>
      <Trouble>{trouble}</Trouble>
      <div className="flex gap-3">
        <Button type="submit">Note it</Button>
        <Button look="quiet" onClick={onLeave}>
          Leave it
        </Button>
      </div>
    </div>
  );
}

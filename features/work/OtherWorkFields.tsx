import { OTHER_TOUCH_IDS, OTHER_TOUCHES, type OtherTouch } from '@/core/planning/otherWork';
import { TextField } from '@/ui/Field';
import { Keys } from '@/ui/Keys';

type Props = {
  title: string;
  touches: readonly OtherTouch[];
  error: { field: 'title' | 'touches'; message: string } | undefined;
  onTitle: (title: string) => void;
  onTouches: (touches: OtherTouch[] | undefined) => void;
};

/** Work that the library does not know: what it is, and what it touches, since the steps around it go by that. */
export function OtherWorkFields({ title, touches, error, onTitle, onTouches }: Props) {
  const wrong = (field: 'title' | 'touches') => (error?.field === field ? error.message : undefined);
  return (
    <div className="grid gap-3">
      <TextField
        label="What is done"
        maxLength={200}
        value={title}
        error={wrong('title')}
        onChange={(event) => onTitle(event.target.value)}
      />
      <fieldset aria-describedby={wrong('touches') ? 'touches-wrong' : undefined}>
        <legend className="narrow text-small font-semibold">
          What it touches <span className="font-normal text-soft">lift, bleed, wheels and proof follow</span>
        </legend>
        <div className="flex flex-wrap gap-y-px">
          <Keys
            keys={OTHER_TOUCH_IDS.map((id) => ({
              value: id,
              label: OTHER_TOUCHES[id],
              pressed: touches.includes(id),
            }))}
            onPress={(id) => onTouches(flipped(touches, id as OtherTouch))}
          />
        </div>
        {wrong('touches') && (
          <p id="touches-wrong" role="alert" className="font-semibold text-stop">
            {wrong('touches')}
          </p>
        )}
      </fieldset>
    </div>
  );
}

/** "None of these" and the others shut each other out; nothing pressed is nothing said. */
function flipped(touches: readonly OtherTouch[], id: OtherTouch): OtherTouch[] | undefined {
  const rest = touches.filter((each) => each !== id && (id === 'none') === (each === 'none'));
  const next = touches.includes(id) ? rest : [...rest, id];
  return next.length > 0 ? next : undefined;
}

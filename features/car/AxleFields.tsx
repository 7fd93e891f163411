'use client';

import { useFormContext } from 'react-hook-form';
import { AXLE_FIGURES, type CarFigure, figuresIn } from '@/core/car/figures';
import { useUnits } from '../shell/useUnits';
import type { CarDraft } from './carDraft';
import { FormNumber, FormSelect, FormText } from './FormFields';

/** Brakes of one axle, beyond what the first fields ask. */
export function AxleFields({ axle }: { axle: 'front' | 'rear' }) {
  const units = useUnits();
  const { watch } = useFormContext<CarDraft>();
  const drum = watch(`${axle}.brake`) === 'drum';
  return (
    <fieldset className="border-t-2 border-ink pt-1">
      <legend className="narrow pr-3 text-xl font-bold">
        {axle === 'front' ? 'Front axle' : 'Rear axle'}
      </legend>
      <div className="grid gap-4 sm:grid-cols-2 desk:grid-cols-4">
        <FormText
          name={`${axle}.pistons`}
          label={`${drum ? 'Cylinder pistons' : 'Pistons of one caliper'}, ${units.unit('mm')}`}
          hint={`All of them, as ${units.about(40, 'mm')}, ${units.about(40, 'mm')}`}
        />
        <FormSelect
          name={`${axle}.bleeders`}
          label={drum ? 'Bleeders a cylinder' : 'Bleeders a caliper'}
          options={{ 1: 'One', 2: 'Two' }}
          known
        />
        {!drum && axle === 'rear' && (
          <FormSelect
            name={`${axle}.rotor`}
            label="Rotor"
            options={{ one_piece: 'One piece', two_piece: 'Two piece, floating' }}
          />
        )}
        <FormSelect
          name={`${axle}.studs`}
          label="Studs"
          options={Object.fromEntries([3, 4, 5, 6, 7, 8, 9, 10].map((count) => [count, String(count)]))}
        />
        {!drum && (
          <FormSelect
            name={`${axle}.padCompound`}
            label="Pad compound"
            options={{ street: 'Street', fast_road: 'Fast road', track: 'Track' }}
          />
        )}
        <FigureFields axle={axle} drum={drum} part="brake" />
      </div>
      <p className="narrow mt-4 font-semibold">
        The maker’s own limits{' '}
        <span className="font-normal text-soft">where empty, the shop’s or common practice</span>
      </p>
      <div className="grid gap-4 sm:grid-cols-2 desk:grid-cols-4">
        <FigureFields axle={axle} drum={drum} part="limits" />
      </div>
    </fieldset>
  );
}

type FiguresProps = { axle: 'front' | 'rear'; drum: boolean; part: CarFigure['part'] };

/** The figures of one part of an axle, as far as its brakes have them. */
function FigureFields({ axle, drum, part }: FiguresProps) {
  return figuresIn(AXLE_FIGURES)
    .filter(([, each]) => each.part === part && !(drum && each.disc))
    .map(([name, each]) => {
      const label = drum ? (each.withDrums ?? each.label) : each.label;
      return <FormNumber key={name} name={`${axle}.${name}`} spec={{ ...each, label }} hint={each.hint} />;
    });
}

'use client';

import { CORNERS } from '@/core/car/corner';
import { FLUID_CLASSES } from '@/core/car/fluidClasses';
import type { JobSheet } from '@/core/job/sheet';
import { headOf } from '@/core/job/standing';
import { CornerPlan } from '@/ui/CornerPlan';
import { cn } from '@/ui/cn';
import { figure } from '@/ui/format';
import { Octagon } from '@/ui/Octagon';
import { usePlanCorners } from '../checks/usePlanCorners';
import { useSettledJob } from '../record/JobProvider';
import type { Units } from '../shell/units';
import { useUnits } from '../shell/useUnits';

/** The car on the blue plate: full height beside the work, a strip of four corners on a phone. */
export function PlanPanel() {
  const units = useUnits();
  const { sheet, corner, pickCorner } = useSettledJob();
  const corners = usePlanCorners();
  return (
    <aside aria-label="Corner plan" className="blueplate desk:min-h-0 print:hidden">
      <div className="hidden h-full flex-col items-center justify-center p-2 desk:flex">
        <CornerPlan
          corners={corners}
          driveSide={sheet.car.driveSide ?? 'left'}
          centre={fluidWords(sheet, units)}
          selected={corner}
          onSelect={pickCorner}
          className="aspect-[1/2] max-h-full w-full max-w-[21rem]"
        />
      </div>
      <ul className="grid grid-cols-4 desk:hidden">
        {CORNERS.map((each) => (
          <li key={each}>
            <button
              type="button"
              aria-pressed={corner === each}
              onClick={() => pickCorner(corner === each ? null : each)}
              className={cn(
                'flex min-h-14 w-full flex-col items-center justify-center border-2 text-white',
                corner === each ? 'border-[#f2c14e]' : 'border-transparent',
              )}
            >
              <b className="flex items-center gap-1 text-lg">
                {each} {corners[each].hold && <Octagon size={18} label="on hold" />}
              </b>
              <span className="max-w-full truncate px-1 text-small">
                {corners[each].says.split(', ').at(-1) || '—'}
                {corners[each].more > 0 && ` +${corners[each].more}`}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </aside>
  );
}

/** The fluid in the middle of the plan: class, water or boiling point. */
function fluidWords(sheet: JobSheet, units: Units) {
  const reading =
    headOf(sheet.readings, 'after', isFluid)?.input ?? headOf(sheet.readings, 'before', isFluid)?.input;
  const className = sheet.car.fluidClass ? FLUID_CLASSES[sheet.car.fluidClass].label : 'Fluid';
  if (!reading) return { top: className, reading: '—', under: 'not read yet' };
  const moisture = reading.moisturePct as number | undefined;
  const boiling = reading.boilingC as number | undefined;
  return {
    top: className,
    reading: moisture === undefined ? units.full(boiling, '°C', 0) : `${figure(moisture, 1)} %`,
    under:
      moisture === undefined
        ? 'boils'
        : boiling === undefined
          ? 'water'
          : `boils ${units.full(boiling, '°C', 0)}`,
  };
}

function isFluid(row: { kind: string }): boolean {
  return row.kind === 'fluid';
}

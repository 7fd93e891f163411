import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../tests/support/sheet';
import { planFor } from '../../tests/support/work';
import { startingSet } from '../car/startingSets';
import type { ProcedureId } from './library';
import type { Step } from './run/step';

/** What a good practitioner would insist on, as words that must stand in a job, in this order. Common practice, no source. */
const INSISTS: [job: ProcedureId, why: string, inOrder: RegExp[]][] = [
  [
    'flush',
    'dry test, release, pour, pump up, open',
    [/pot dry: pump up/, /Release it slowly, then pour/, /Pump up again/, /RR, rear right/],
  ],
  [
    'flush',
    'the pedal is pumped hard and held while the wheels are off',
    [/Level to the mark/, /Pump the pedal/, /30 s/, /Wheels on/],
  ],
  [
    'flush',
    'pressure goes before the cap',
    [/Release the pressure slowly, then the cap/, /Level to the mark/],
  ],
  ['bleed', 'say how the air got in', [/how the air got in/, /RR, rear right/]],
  [
    'modulator_cycle',
    'codes are read before anything is cleared',
    [/fault codes/, /Cycle the modulator/, /second round/],
  ],
  [
    'leak_repair',
    'wash first, or the lowest wet spot is blamed',
    [/Wash the wet place/, /watch/, /Renew what leaks/],
  ],
  [
    'hose',
    'loose by hand, then two spanners; full lock and droop',
    [/Everything by hand, no twist/, /full lock and droop/, /both ends tight/],
  ],
  [
    'master',
    'plug the outlets before buying; bench-bleed before fitting',
    [/Plug the outlets/, /Bleed the new one on the bench/, /New master in/],
  ],
  ['wrong_fluid', 'prove it before costly seals', [/glass of water/, /New rubber/]],
  ['wheel_cylinder', 'one side apart at a time', [/Only this side/, /new cylinder/]],
  [
    'pushrod',
    'measured before it is turned, and the vent port proved',
    [/free play/, /Turn the rod/, /swirl/],
  ],
  [
    'pedal_ratio',
    'measure, look what fouls, lines off, move both, press to the floor and keep it there, bleed, hold',
    [
      /Measure A and B/,
      /foul/,
      /Lines off the master/,
      /Move the master/,
      /Keep it down until the bleeder is closed/,
      /RR, rear right/,
      /30 s/,
      /Wheels on/,
    ],
  ],
  ['brace', 'the movement before and after', [/how far the master moves/, /Brace on/, /movement again/]],
  ['booster', 'vacuum is proved before the dear part', [/Prove the vacuum first/, /booster out/]],
  [
    'hydraulic_assist',
    'pressure let down first; its own fluid',
    [/Let the pressure down/, /brake fluid ruins it/],
  ],
  ['bias', 'its old place marked first', [/Mark where it stands/, /One turn/]],
  [
    'pads',
    'pins and pistons before new pads; level watched; measured as fitted',
    [
      /pads, inner and outer/,
      /Pins, boots, pistons/,
      /watching the level/,
      /new pads, before they go in/,
      /new pads in/,
    ],
  ],
  [
    'pad_dress',
    'measure before metal is taken',
    [/rotor before anything is touched/, /scrub the rotor faces/],
  ],
  ['compound_change', 'the old film comes off', [/What did it reach/, /old film off/, /new pads in/]],
  [
    'rotors',
    'bright faces, washed, flat, then the dial',
    [/bright metal/, /washed/, /Flat against the hub/, /runout and thickness as fitted.*then the next stud/],
  ],
  ['machine', 'enough metal first', [/Is there metal enough/, /cut both faces/, /after the cut/]],
  [
    'reindex',
    'rotor, then hub, then turn, then dial again',
    [
      /runout as it stands/,
      /mark rotor and stud/,
      /hub face runout/,
      /rotor on at the stud it says/,
      /dial it again/,
    ],
  ],
  ['float', 'the maker’s word on the washers; moves by hand', [/rotor maker’s word/, /moves by hand/]],
  ['slides', 'the right grease; glides by a finger', [/Grease made for it/, /glides by one finger/]],
  [
    'caliper_rebuild',
    'pistons pressed proud before the hose comes off, each back in its own bore',
    [
      /pressed proud/,
      /pedal held slightly down/,
      /hose off, caliper to the bench/,
      /which piston came from which bore/,
      /Pitted|nick or a pit/,
      /their own bores/,
    ],
  ],
  [
    'knockback_kit',
    'the cause is looked for before springs',
    [/Was the cause looked for/, /Count the springs/, /Boots on, or left off/, /turn the rotor by hand/],
  ],
  [
    'package_change',
    'the heat sum and the balance before anything is bought',
    [/What do the laps ask/, /balance and the pedal/, /dry fit/],
  ],
  ['bearing', 'play measured before and after', [/play as it stands/, /play again/]],
  [
    'upright',
    'stiffen before springs, the bearing ruled out',
    [/not the bearing in it/, /springs .* for what is left/, /flex under a bar/],
  ],
  ['wheel_mount', 'swap front to back decides it', [/bright metal/, /Swap the wheels front to back/]],
  [
    'cooling_duct',
    'air to the core, peaks before and after',
    [/Peaks before/, /into the eye/, /Peaks after/],
  ],
  ['drum_service', 'one side at a time, set to a light drag', [/Only this side/, /light drag/]],
  ['drum_turn', 'never past the largest bore', [/widest and narrowest bore/, /Never past the largest bore/]],
  [
    'bed_in',
    'firm before the road, looked at cold last',
    [
      /Pump the pedal/,
      /Hold it firmly/,
      /legal|Legal|road/,
      /1 of 8/,
      /8 of 8/,
      /Cool by driving/,
      /look at both faces/,
    ],
  ],
];

function words(step: Step): string {
  const troubles = (step.troubles ?? []).flatMap((trouble) => trouble.lines);
  return [step.title, step.how, ...(step.ask ?? []).map((answer) => answer.label), ...troubles].join(' ');
}

describe('what a good practitioner would insist on', () => {
  it.each(INSISTS)('%s: %s', (job, _why, inOrder) => {
    const sheet = emptySheet();
    sheet.car = { ...sheet.car, ...startingSet('saloon'), name: 'Saloon', driveSide: 'left' };
    if (/drum|wheel_cylinder/.test(job)) sheet.car.rear = { ...sheet.car.rear, brake: 'drum' };
    const { steps } = planFor(sheet, job);
    let from = 0;
    for (const wanted of inOrder) {
      const at = steps.findIndex((step, index) => index >= from && wanted.test(words(step)));
      expect(
        at,
        `${wanted} after step ${from}: ${steps.map((step) => step.title).join(' | ')}`,
      ).toBeGreaterThanOrEqual(0);
      from = at;
    }
  });

  it('lays out what a bleed takes before anything is fitted: no line stands open while a bottle is looked for', () => {
    for (const [job] of INSISTS) {
      const { steps } = planFor(emptySheet(), job);
      const kit = steps.findIndex((step) => step.id === 'kit');
      const fitted = steps.findIndex((step) => step.part === 'Fit' || step.part === 'Apart');
      if (kit >= 0 && fitted >= 0) expect(kit, job).toBeLessThan(fitted);
    }
  });

  it('never asks two axles to be taken apart where one is wrong', () => {
    for (const [job] of INSISTS) {
      const plan = planFor(emptySheet(), job, { corners: ['FL'] });
      const apart = plan.steps.filter((step) => step.part === 'Apart' && step.corner?.startsWith('R'));
      expect(apart, job).toEqual([]);
    }
  });

  it('says at every press on a bleeder that they snap, and at every wheel its torque', () => {
    for (const [job] of INSISTS)
      for (const step of planFor(emptySheet(), job).steps) {
        if (step.ml) expect(step.cautions, `${job} ${step.id}`).toContain('bleeder_snap');
        if (step.id === 'wheels') expect(step.torque, job).toBe('wheel');
      }
  });
});

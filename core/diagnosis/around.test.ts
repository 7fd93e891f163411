import { describe, expect, it } from 'vitest';
import { SALOON } from '../../tests/support/told';
import type { Place } from '../car/corner';
import { cornersOf } from '../car/corner';
import { startingSet } from '../car/startingSets';
import { traitsOf } from '../car/traitsOf';
import type { GivenFinding } from '../readings/given';
import { FINDINGS, type Finding, findingOf } from '../readings/vocabulary/findings';
import { stateWord } from '../readings/vocabulary/words';
import { CAUSES } from './causes';
import { contradictionsIn } from './contradictions';
import { diagnose } from './diagnose';
import { minutesFor } from './hand';
import { knowledgeOf } from './knowledge/all';
import { tellingChecks, whyOf } from './knowledge/why';
import { causeLabel } from './labels';
import { observedChannels } from './network/channels';
import { faultsOf } from './network/faults';
import { questionOf } from './network/parents';
import { usableAnswers } from './usable';
import { placeFields, placeFrom } from './verdict';

const given = (id: GivenFinding['id'], state: string, place?: Place): GivenFinding => ({
  id,
  state,
  ...(place ? { place } : {}),
});

describe('the vocabulary in words', () => {
  it('tells how to do every check, and names every state as a mechanic would', () => {
    for (const finding of FINDINGS as readonly Finding[]) {
      if (finding.stage === 'check') expect(finding.how, finding.id).toBeTruthy();
      const spoken = finding.states.map((state) => stateWord(finding.id, state));
      expect(new Set(spoken).size, finding.id).toBe(spoken.length);
      for (const word of spoken) expect(word, finding.id).toMatch(/^[A-Z][^_]*$/);
    }
  });

  it('has a label and a meaning for every cause', () => {
    for (const { id } of CAUSES) {
      expect(causeLabel(id)).not.toBe(id);
      expect(knowledgeOf(id).meaning.length).toBeGreaterThan(10);
    }
  });

  it('knows minutes for every check, and at most one place kind', () => {
    for (const finding of FINDINGS as readonly Finding[]) {
      if (finding.stage === 'check') expect(finding.minutes, finding.id).toBeGreaterThan(0);
      expect(['corner', 'axle', undefined]).toContain(finding.place);
    }
  });
});

describe('why', () => {
  it('gives the link’s own line, what an absence says, and nothing where there is no link', () => {
    expect(whyOf('air_in_lines', 'bubbles', 'many')).toBe('The gas comes out with the fluid');
    expect(whyOf('air_in_lines', 'bubbles', 'none')).toContain('mostly show here');
    expect(whyOf('air_in_lines', 'rotor_colour', 'blued')).toBeUndefined();
    expect(whyOf('cooling_insufficient', 'poor_stopping', 'yes')).toBe(
      'Temperature climbs lap by lap: past its temperature the compound lets go',
    );
  });

  it('names the open checks that tell most about a cause', () => {
    const telling = tellingChecks('wheel_bearing_play', () => true);
    expect(telling[0]).toEqual({ finding: 'bearing_play', state: 'excess' });
    expect(telling.every(({ finding }) => findingOf(finding).stage === 'check')).toBe(true);
    expect(
      tellingChecks('wheel_bearing_play', (finding) => finding !== 'bearing_play').map(
        (each) => each.finding,
      ),
    ).not.toContain('bearing_play');
  });
});

describe('contradictions', () => {
  it('are told in substance, with both answers', () => {
    const [clash] = contradictionsIn([given('pedal_sinks', 'yes'), given('pedal_hold', 'holds')]);
    expect(clash!.findings).toHaveLength(2);
    expect(clash!.say).toContain('hold again');
  });

  it('are told when one question has two answers at one place, but not at two corners', () => {
    expect(
      contradictionsIn([given('slide_pins', 'free', 'FL'), given('slide_pins', 'stiff', 'FL')]),
    ).toHaveLength(1);
    expect(contradictionsIn([given('slide_pins', 'free', 'FL'), given('slide_pins', 'stiff', 'FR')])).toEqual(
      [],
    );
  });

  it('let a car leak in two ways at once, but not leak and be dry', () => {
    expect(contradictionsIn([given('leak', 'line_or_hose'), given('leak', 'master_to_booster')])).toEqual([]);
    expect(contradictionsIn([given('leak', 'line_or_hose'), given('leak', 'none')])).toHaveLength(1);
  });
});

describe('the network', () => {
  const saloon = traitsOf({ ...startingSet('saloon'), name: 'x' });
  const hatch = traitsOf({ ...startingSet('hatch'), name: 'x' });

  it('gives each corner its own fault and shares the prior out, so that somewhere on the car keeps it', () => {
    const bearings = faultsOf(saloon).filter(
      (fault) => fault.cause === 'wheel_bearing_play' && fault.above < 0,
    );
    expect(bearings.map((fault) => fault.corner)).toEqual(['FL', 'FR', 'RL', 'RR']);
    const somewhere = 1 - bearings.reduce((none, fault) => none * (1 - fault.prior), 1);
    expect(somewhere).toBeCloseTo(knowledgeOf('wheel_bearing_play').prior, 12);
    // Fronts do most of the work.
    expect(bearings[0]!.prior).toBeGreaterThan(bearings[2]!.prior);
  });

  it('puts drums only where there are drums, and discs where there are discs', () => {
    const corners = (cause: string, car = hatch) =>
      faultsOf(car)
        .filter((fault) => fault.cause === cause && fault.above < 0)
        .map((fault) => fault.corner);
    expect(corners('drum_slack')).toEqual(['RL', 'RR']);
    expect(corners('drum_slack', saloon)).toEqual([]);
    expect(corners('rotor_runout')).toEqual(['FL', 'FR']);
    expect(corners('caliper_slides_seized')).toEqual(['FL', 'FR']);
    expect(corners('rotor_float_bound', saloon)).toEqual([]);
  });

  it('lets a corner’s fault speak at its corner, its axle and the whole car only', () => {
    const faults = faultsOf(saloon);
    const cornersAt = (place?: Place) =>
      questionOf(observedChannels('pad_wear_sides', ['differ'])[0]!.channel, place, faults)
        .parents.map((parent) => faults[parent.fault]!)
        .filter((fault) => fault.cause === 'caliper_piston_seized' && fault.above < 0)
        .map((fault) => fault.corner);
    expect(cornersAt('front')).toEqual(['FL', 'FR']);
    expect(cornersAt()).toEqual(['FL', 'FR', 'RL', 'RR']);
    const bearingAt = questionOf(
      observedChannels('bearing_play', ['excess'])[0]!.channel,
      'FR',
      faults,
    ).parents.map((parent) => faults[parent.fault]!);
    expect(bearingAt.map(({ cause, corner }) => [cause, corner])).toEqual([['wheel_bearing_play', 'FR']]);
  });

  it('takes of a complaint’s base rate the part of the wheels it is told of', () => {
    const leak = (place?: Place) =>
      1 - questionOf(observedChannels('noise_squeal', ['yes'])[0]!.channel, place, faultsOf(saloon)).leak[0]!;
    expect(leak('FL')).toBeCloseTo(leak() / 4, 12);
    expect(leak('rear')).toBeCloseTo(leak() / 2, 12);
  });

  it('has a whole-car fault heard at one end less than on the car, and at one wheel less than that', () => {
    const faults = faultsOf(saloon);
    const heard = (place?: Place) => {
      const { shows } = questionOf(observedChannels('noise_squeal', ['yes'])[0]!.channel, place, faults);
      return shows.chances[[...shows.faults].findIndex((fault) => faults[fault]!.cause === 'pad_too_cold')]!;
    };
    // 0.5 on the car and 0.2 at a wheel; at one end their geometric mean.
    expect([heard(), heard('front'), heard('FL')].map((each) => each.toFixed(4))).toEqual([
      '0.5000',
      '0.3162',
      '0.2000',
    ]);
  });

  it('hears of one place once: what a nearer answer says already is left out', () => {
    const grind = (...places: (Place | undefined)[]) =>
      usableAnswers(places.map((place) => given('noise_grind', 'yes', place))).map(({ place }) => place);
    expect(grind(undefined, 'rear', 'RL')).toEqual(['RL']);
    expect(grind('front', 'RL')).toEqual(['RL', 'front']);
    expect(grind('FL', 'FR')).toEqual(['FL', 'FR']);
    // What is not so there says nothing of elsewhere.
    expect(usableAnswers([given('noise_grind', 'no'), given('noise_grind', 'no', 'FL')])).toHaveLength(2);
    // What was put in new at one end is what was put in new.
    expect(usableAnswers([given('pads_new', 'yes'), given('pads_new', 'yes', 'front')])).toEqual([
      given('pads_new', 'yes', 'front'),
    ]);
  });

  it('takes new parts for the worn ones at their own end only', () => {
    const worn = (...pads: GivenFinding[]) => {
      const { causes } = diagnose({ car: SALOON, findings: [given('noise_squeal', 'yes', 'rear'), ...pads] });
      return causes.find(({ id }) => id === 'pad_worn_out')!.probability;
    };
    expect(worn(given('pads_new', 'yes', 'rear'))).toBeLessThan(0.25 * worn());
    expect(worn(given('pads_new', 'yes', 'front'))).toBeGreaterThan(0.9 * worn());
    expect(worn(given('pads_new', 'no', 'rear'))).toBeGreaterThan(worn());
  });

  it('hears "dry" as no word about the booster', () => {
    expect(
      observedChannels('leak', ['none']).map(({ channel, level }) => [channel.states[1], level]),
    ).toEqual([
      ['line_or_hose', 0],
      ['caliper_or_cylinder', 0],
    ]);
    expect(observedChannels('leak', ['master_to_booster'])).toMatchObject([
      { level: 1, channel: { states: ['none', 'master_to_booster'] } },
    ]);
  });
});

describe('what is at hand', () => {
  const check = (id: string) => (FINDINGS as readonly Finding[]).find((finding) => finding.id === id)!;

  it('decides whether a check can be done, and what it costs', () => {
    expect(minutesFor(check('master_movement'))).toBe(3);
    expect(minutesFor(check('master_movement'), { helper: false })).toBeUndefined();
    expect(minutesFor(check('slide_pins'), { wheelsOff: false })).toBe(5 + 12);
    expect(minutesFor(check('slide_pins'), { wheelsOff: true })).toBe(5);
    expect(minutesFor(check('rotor_runout'), { missing: ['Dial Indicator'] })).toBeUndefined();
    expect(minutesFor(check('usage'))).toBe(0.5);
  });
});

describe('places', () => {
  it('go to the open format and back', () => {
    for (const place of ['FL', 'RR', 'front', 'rear', undefined] as const)
      expect(placeFrom(placeFields(place))).toBe(place);
  });

  it('take in their corners', () => {
    expect(cornersOf('front')).toEqual(['FL', 'FR']);
    expect(cornersOf('RL')).toEqual(['RL']);
    expect(cornersOf(undefined)).toHaveLength(4);
  });
});

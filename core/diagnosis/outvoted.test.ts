import { describe, expect, it } from 'vitest';
import { broughtAbout, carFor, drawAnswers, placeOf, seeded } from '../../tests/support/drawn';
import { answersFrom } from '../../tests/support/told';
import { CAUSES } from './causes';
import { contradictionsIn } from './contradictions';
import { diagnose } from './diagnose';
import { knowledgeOf } from './knowledge/all';
import { faultsOf } from './network/faults';

const told = (words: string, car = {}) =>
  diagnose({ car, findings: answersFrom(words) }).contradictions.map(({ say }) => say);

describe('an answer that the rest outvotes', () => {
  it('is named with what it clashes with and how to look again', () => {
    expect(told('after_cornering yes; bearing_play ok FR; hub_flex stiff FR')).toContainEqual(
      expect.stringMatching(
        /^Long after corners, yet bearing tight and hub stiff: measure the other corners/,
      ),
    );
    expect(told('slide_pins free FR; pad_wear_shape inner_thin FR')).toHaveLength(1);
    // At another corner the two have nothing to do with each other.
    expect(told('slide_pins free FL; pad_wear_shape inner_thin FR')).toEqual([]);
  });

  it('says when an answer tells how something was that nobody felt', () => {
    expect(
      told('after_cornering yes; first_press_long no; pedal_long no; pedal_to_floor no; noise_rattle no'),
    ).toContainEqual(expect.stringMatching(/^Follows hard corners.*nothing of the kind was felt/));
  });

  it('says when this car does not have what was answered', () => {
    expect(told('assist_vacuum low', { assist: 'none', booster: false })).toContainEqual(
      expect.stringContaining('this car is on file without it'),
    );
    expect(told('slide_pins stiff FL', { caliper: { front: 'opposed', rear: 'sliding' } })).toHaveLength(1);
    expect(told('rotor_float bound FL')).toEqual([]);
  });

  it('is seldom found where all answers are of one fault', () => {
    const random = seeded(11);
    let clean = 0;
    let agree = 0;
    let cases = 0;
    const named = new Map<string, number>();
    for (const { id } of CAUSES) {
      const car = carFor(id);
      const faults = faultsOf(car);
      const root = faults.find((each) => each.cause === id && each.above < 0)!;
      const asked = [...new Set(knowledgeOf(id).links.map((link) => link.finding))]
        .slice(0, 8)
        .map((finding) => ({ id: finding, place: placeOf(finding, root) }));
      for (let round = 0; round < 10; round++) {
        const present = broughtAbout(faults, [root], random);
        const findings = drawAnswers(faults, present, asked, random);
        cases += 1;
        // Of a few draws two answers cannot both be right: one of them was drawn false.
        if (contradictionsIn(findings, car).length > 0) continue;
        agree += 1;
        const { contradictions } = diagnose({ car, findings });
        if (contradictions.length === 0) clean += 1;
        for (const { say } of contradictions) named.set(say, (named.get(say) ?? 0) + 1);
      }
    }
    expect(agree / cases).toBeGreaterThan(0.9);
    expect(clean / agree, [...named].map(([say, count]) => `${count} ${say}`).join('\n')).toBeGreaterThan(
      0.98,
    );
  }, 90_000);
});

import { describe, expect, it } from 'vitest';
import { startingSet } from '../../car/startingSets';
import { readingRefused } from '../applies';
import { measureOf } from '../measureOf';
import { MEASURES, type MeasureId } from '../measures';
import { FINDINGS, type Finding } from '../vocabulary/findings';
import { cornersFrom, walkRoute } from './route';

const routeOf = (kind: 'hatch' | 'saloon' | 'light_track' | 'heavy_coupe', start: 'RL' | 'FR' = 'RL') =>
  walkRoute(startingSet(kind), start);

describe('the walk round a car', () => {
  it('goes from the seat to the bonnet and once round, from any corner', () => {
    expect(cornersFrom('FR')).toEqual(['FR', 'RR', 'RL', 'FL']);
    const areas = [...new Set(routeOf('saloon', 'FR').map((stop) => stop.area))];
    expect(areas).toEqual(['cabin', 'engine_bay', 'FR', 'RR', 'RL', 'FL']);
    expect(new Set(routeOf('saloon').map((stop) => stop.id)).size).toBe(routeOf('saloon').length);
  });

  it('asks for nothing the car does not have', () => {
    const at = (kind: Parameters<typeof routeOf>[0], area: string) =>
      routeOf(kind)
        .filter((stop) => stop.area === area)
        .map((stop) => stop.finding ?? stop.measure);
    expect(at('hatch', 'RL')).toEqual(expect.arrayContaining(['drum', 'wheel_cylinder']));
    expect(at('hatch', 'RL')).not.toContain('rotor');
    expect(at('hatch', 'FL')).not.toContain('drum');
    expect(at('light_track', 'cabin')).not.toContain('assist_start');
    expect(at('heavy_coupe', 'FL')).toContain('rotor_float');
    expect(at('heavy_coupe', 'FL')).not.toContain('slide_pins');
    expect(at('heavy_coupe', 'RL')).toContain('slide_pins');
  });

  it('passes every check of corner, cabin and bonnet that the disc brake of a saloon has', () => {
    const passed = new Set(
      routeOf('saloon').flatMap((stop): readonly string[] =>
        stop.finding ? [stop.finding] : MEASURES[stop.measure].covers,
      ),
    );
    // Told by a bleed, an eased master, an opened bleeder or a scan tool: part of the work, not of a look round.
    const elsewhere = [
      'bubbles',
      'behind_master',
      'after_full_bleed',
      'open_bleeder_frees',
      'loosen_master_frees',
      'parking_brake',
      'fault_codes',
    ];
    const left = (FINDINGS as readonly Finding[])
      .filter((each) => ['cabin', 'engine_bay', 'wheels_on', 'wheels_off'].includes(each.where ?? ''))
      .map((each) => each.id)
      .filter((id) => !passed.has(id) && !elsewhere.includes(id));
    // Not on a saloon: hydraulic assist, floating rotors, drums.
    expect(left).toEqual([
      'assist_fluid',
      'rotor_float',
      'drum_adjustment',
      'drum_surface',
      'shoe_lining',
      'wheel_cylinder',
    ]);
  });

  it('knows which reading answers a check', () => {
    expect(measureOf('rotor_dtv')).toBe('rotor');
    expect(measureOf('pedal_now')).toBe('firmness');
    expect(measureOf('pedal_linkage')).toBeUndefined();
    const known = new Set((FINDINGS as readonly Finding[]).map((finding) => finding.id));
    for (const id of Object.keys(MEASURES) as MeasureId[])
      for (const finding of MEASURES[id].covers) expect(known.has(finding), finding).toBe(true);
  });

  it('refuses a reading of what is not at that corner', () => {
    const hatch = startingSet('hatch');
    expect(readingRefused('rotor', 'RL', hatch)).toMatch(/RL has a drum/);
    expect(readingRefused('drum', 'FL', hatch)).toMatch(/FL has a disc/);
    expect(readingRefused('rotor', 'FL', hatch)).toBeUndefined();
    expect(readingRefused('fluid', '', hatch)).toBeUndefined();
  });
});

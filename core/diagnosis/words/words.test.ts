import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { limitNow, shortest } from '../../../tests/support/pace';
import { runCalc } from '../../exchange/calcs';
import { findingOf } from '../../readings/vocabulary/findings';
import { slipsBetween } from './text';
import { readWords } from './words';

/** Lines as drivers and shops write them, and the answers they suggest, in any order. Written for this test. */
const LINES: [text: string, suggests: string][] = [
  ['Goes soft after five laps', 'pedal_spongy yes; temperature_link only_hot; usage track'],
  ['Spongy pedal after the caliper change', 'pedal_spongy yes; caliper_fitted yes; system_opened yes'],
  ['Pedal like a brick after the engine went back in', 'pedal_hard yes'],
  ['Shakes under braking at 120 km/h, pulls left', 'vibration_braking yes; pull_side left; pulls yes'],
  ['No vibration but it squeals', 'vibration_braking no; noise_squeal yes'],
  ['Nothing wrong, just an inspection', ''],
  ['All good, only here for the sticker', ''],
  ['Eats front pads', 'pads_wear_fast yes'],
  ['Brake peddle sinks slowly at the lights', 'pedal_sinks yes'],
  [
    'Long pedal after the kerbs, second press is fine',
    'pedal_long yes; after_cornering yes; first_press_long yes',
  ],
  ['Front left drags and smells, hot', 'wheel_drags one FL; smell_or_smoke yes FL'],
  ['Juddering through the steering wheel from 70 mph', 'vibration_braking yes; shake_where wheel'],
  [
    'Wont stop when hot, comes back after it cools',
    'poor_stopping yes; temperature_link only_hot; recovery after_cooling',
  ],
  ['The pedal went to the floor on lap 3', 'pedal_to_floor yes; usage track; temperature_link only_hot'],
  ["Doesn't pull, doesn't squeal, just weak brakes", 'pulls no; noise_squeal no; poor_stopping yes'],
  ['Grinding from the rear right', 'noise_grind yes RR'],
  ['Brake warning light on', 'warning_light brake'],
  ['ABS light came on yesterday', 'warning_light abs'],
  ['New pads not bedded in, poor bite', 'friction_new yes; pads_new yes; bed_in_done no; poor_stopping yes'],
  [
    "It's soft only when hot; next morning fine",
    'pedal_spongy yes; temperature_link only_hot; recovery after_cooling',
  ],
  ['Mushy at the very end of the travel', 'pedal_soft_end yes'],
  ['Spongey pedle since we bled it', 'pedal_spongy yes; system_opened yes'],
  ['pedal feels squishy, more travel than before', 'pedal_spongy yes; pedal_long yes'],
  ['I have to pump it twice before there is a pedal', 'first_press_long yes'],
  ['First press goes long, second one is firm', 'first_press_long yes'],
  ['Low pedal, pumps up', 'pedal_long yes; pedal_pump rises'],
  ['Pedal creeps down at traffic lights', 'pedal_sinks yes'],
  ['pedal slowly drops while I hold it', 'pedal_sinks yes'],
  ['Brakes drag, all four wheels hot', 'wheel_drags all; heat_spread all_hot'],
  ['It binds on the left rear after a long drive', 'wheel_drags one RL'],
  ['Smoke from the front right after the session', 'smell_or_smoke yes FR; usage track'],
  ['Burning smell at one wheel', 'smell_or_smoke yes'],
  ['Squeals like a pig in light braking', 'noise_squeal yes'],
  ['Squeeks when cold', 'noise_squeal yes; temperature_link only_cold'],
  ['metal on metal from the back', 'noise_grind yes rear'],
  ['scraping noise at the front left', 'noise_grind yes FL'],
  ['Clunk from the front as I brake', 'noise_rattle yes front'],
  ['Rattles over bumps', 'noise_rattle yes; noise_when bumps'],
  ['Knocking from the front suspension when braking', 'noise_rattle yes front'],
  ['Pads only last two sessions', 'pads_wear_fast yes; usage track'],
  ['Goes through a set of pads every weekend', 'pads_wear_fast yes'],
  ['chews the inner pad', 'pads_wear_fast yes; pad_wear_shape inner_thin'],
  ['Vibration at speed even without braking', 'vibration_coasting yes'],
  ['steering wheel shakes when cruising at 110 km/h', 'shake_where wheel; vibration_coasting yes'],
  ['Judder in the seat under braking', 'vibration_braking yes; shake_where seat'],
  ['The whole car shudders when I brake from 200 kph', 'shake_where all_over; vibration_braking yes'],
  ['pedal pulses in the last bit before stopping', 'pedal_pulses yes'],
  ['Pedal kicks back under my foot', 'pedal_pulses yes'],
  ['Brakes stay on after I let go', 'pedal_slow_return yes'],
  ['slow to release after a stop', 'pedal_slow_return yes'],
  ["Pedal doesn't come back up", 'pedal_slow_return yes'],
  ['Pulls to the right under braking', 'pull_side right; pulls yes'],
  ['veers left when I hit the brakes', 'pulls yes; pull_side left'],
  ['darts about under braking', 'pulls yes'],
  ['Rear locks first into the hairpin', 'axle_locks_early rear'],
  ['fronts lock up early', 'axle_locks_early front'],
  ['Back end steps out when braking', 'axle_locks_early rear'],
  ['No bite in the morning, fine once warm', 'poor_stopping yes; temperature_link only_cold'],
  ['Only cold, the first few stops', 'temperature_link only_cold'],
  ['Hard pedal, no servo', 'pedal_hard yes; assist_removed yes'],
  ['Need both feet to stop it', 'pedal_hard yes'],
  ['heavy pedal since the booster delete', 'pedal_hard yes; assist_removed yes'],
  ['Firm pedal but it does not slow down', 'poor_stopping yes; pedal_spongy no'],
  ['brakes fade after three hard laps', 'poor_stopping yes; temperature_link only_hot; usage track'],
  ['Fades on the long downhill', 'poor_stopping yes; temperature_link only_hot'],
  ['Comes good again after a slow lap', 'recovery after_cooling; usage track'],
  ['By the end of the straight it is back', 'recovery by_end_of_straight'],
  ['Never comes back until I bleed it', 'recovery never; system_opened yes'],
  ['Stood all winter, now it pulls', 'stood_long yes; pulls yes'],
  ['Car was laid up for two years and the brakes are stuck on', 'stood_long yes; wheel_drags one'],
  ['Went through the gravel trap, now it grinds', 'off_track yes; noise_grind yes'],
  ['Off track at turn 4 and a stone is in there', 'off_track yes'],
  ['Level keeps dropping, no wet spot', 'level_falls slowly'],
  ['Losing fluid fast, topping up every day', 'level_falls quickly'],
  ['I keep topping up the fluid', 'level_falls slowly'],
  ['Fluid is low', 'reservoir_level low'],
  ['new discs and pads fitted last week', 'friction_new yes; rotors_new yes; pads_new yes'],
  [
    'Changed the master cylinder, now everything drags',
    'master_fitted yes; system_opened yes; wheel_drags all',
  ],
  ['Fitted rebuilt calipers, pedal is spongy', 'caliper_fitted yes; system_opened yes; pedal_spongy yes'],
  ['Booster removed, pedal is rock hard', 'assist_removed yes; pedal_hard yes'],
  ['Big brake kit fitted, long pedal', 'brake_conversion yes; pedal_long yes'],
  ['Old rubber hoses, soft pedal', 'hose_kind rubber_old; pedal_spongy yes'],
  ['Braided hoses all round', 'hose_kind braided'],
  ['Fluid never changed', 'fluid_age old'],
  ['Fresh fluid this week, still boils', 'fluid_age fresh'],
  ['Wheel bearing replaced on the front left', 'hub_work yes'],
  ['sat with my foot on the brake on the grid, now it judders', 'held_hot yes; vibration_braking yes'],
  ['handbrake on straight after the session', 'held_hot yes; temperature_link only_hot; usage track'],
  [
    'race pads on the road, no bite cold',
    'compound track; poor_stopping yes; temperature_link only_cold; usage road',
  ],
  [
    'standard pads at a track day, gave up after 4 laps',
    'compound street; usage track; temperature_link only_hot',
  ],
  ['Not spongy, just long', 'pedal_spongy no; pedal_long yes'],
  ['no smell, no smoke', 'smell_or_smoke no'],
  ["Doesn't shake any more, but it pulls", 'vibration_braking no; pulls yes'],
  ['It is not only soft but also long', 'pedal_spongy yes; pedal_long yes'],
  ['never squealed before, now it screeches', 'noise_squeal yes'],
  ['no problem with the pedal, but it pulls left', 'pull_side left; pulls yes'],
  ['Everything is fine', ''],
  ['works as it should', ''],
  ['no complaints from the driver', ''],
  ['breaks squel and jduder', 'noise_squeal yes; vibration_braking yes'],
  ['spungy pedel', 'pedal_spongy yes'],
  ['vibratoin through the wheel', 'vibration_braking yes; shake_where wheel'],
  ['sqealing from fornt right', 'noise_squeal yes FR'],
  ['caliper leaking at the rear left', 'leak caliper_or_cylinder RL'],
  ['wet hose at the front', 'leak line_or_hose'],
  ['Warning lamp flickers in corners', 'warning_light brake'],
  ['Pedal goes down a long way then hard', 'pedal_long yes'],
  ['Takes ages to stop', 'poor_stopping yes'],
  ['longer stopping distance than last month', 'poor_stopping yes'],
  ['Brakes are rubbish', 'poor_stopping yes'],
  ['no brakes at all at turn one', 'pedal_to_floor yes'],
  ['lost the pedal into the chicane', 'pedal_to_floor yes'],
  ['ran out of brakes on lap eight', 'poor_stopping yes; usage track; temperature_link only_hot'],
  ['I could smell the brakes on the in lap', 'smell_or_smoke yes; usage track'],
  ['left front glows and smokes', 'smell_or_smoke yes FL; heat_spread one_hot FL'],
  ['It hums and sings when braking gently', 'noise_squeal yes'],
  ['howls when reversing', 'noise_squeal yes'],
  ['clicks once when I first brake', 'noise_rattle yes'],
  ['shimmy in the steering under braking at 90', 'vibration_braking yes; shake_where wheel'],
  ['wobbles at 100 and when coasting too', 'vibration_coasting yes'],
  ['Pull over and listen', ''],
  ['pulled into the pits with a long pedal', 'pedal_long yes; usage track'],
  ['cut off on the straight', ''],
  ['hot or cold, always spongy', 'temperature_link any_time; pedal_spongy yes'],
  ['straight away from cold', 'temperature_link only_cold'],
  ['every stop, it shakes', 'temperature_link any_time; vibration_braking yes'],
  ['worse after each corner, fine on the straights', 'after_cornering yes'],
  [
    'After hard cornering the first push is soft',
    'after_cornering yes; first_press_long yes; pedal_spongy yes',
  ],
  ['over the kerbs and the pedal drops', 'after_cornering yes'],
  ['softer as the session goes on', 'pedal_spongy yes; temperature_link only_hot; usage track'],
  [
    'soft at the end of the session, fine after cooling down',
    'pedal_spongy yes; temperature_link only_hot; usage track; recovery after_cooling',
  ],
  ['good after a break in the paddock', 'recovery after_cooling; usage track'],
  ['when hot the pedal gets long', 'temperature_link only_hot; pedal_long yes'],
  ['the brakes do not stop the car when hot', 'poor_stopping yes; temperature_link only_hot'],
  ['pedal firm, nothing happens', 'poor_stopping yes; pedal_spongy no'],
  ['brake like wood', 'pedal_hard yes'],
  ['two feet needed', 'pedal_hard yes'],
  ['dives to the left', 'pulls yes; pull_side left'],
  ['wanders under braking', 'pulls yes'],
  ['weak on the first stop in the morning', 'poor_stopping yes; temperature_link only_cold'],
  ['rear left seized', 'wheel_drags one RL'],
  ['handbrake stuck on', 'parking_brake drags; wheel_drags one'],
  ["car won't roll freely", 'wheel_drags all'],
  ["wheels won't turn by hand", 'wheel_drags one'],
  ['soft pedal and shaking', 'pedal_spongy yes; vibration_braking yes'],
  ['shakes, pulls and eats pads', 'vibration_braking yes; pulls yes; pads_wear_fast yes'],
  [
    'spongy pedal, judder, squeal and a smell of burning',
    'pedal_spongy yes; vibration_braking yes; noise_squeal yes; smell_or_smoke yes',
  ],
  ['Soft brakes, 140 km/h, 5 laps, front right hot', 'pedal_spongy yes; usage track; heat_spread one_hot FR'],
  ['on the third lap it went soft', 'temperature_link only_hot; usage track; pedal_spongy yes'],
  ['lap five onwards', 'usage track; temperature_link only_hot'],
  ['couple of laps and it is gone', 'usage track'],
  ['a few laps in, long pedal', 'usage track; temperature_link only_hot; pedal_long yes'],
  ['at 80 mph it shakes', 'vibration_braking yes'],
  ['from 160 kmh the seat shakes', 'shake_where seat; vibration_braking yes'],
  ['clutch judder when pulling away', ''],
  ['tyres squeal in corners', ''],
  ['hard braking into turn 3 makes it shake', 'vibration_braking yes'],
  ['I brake hard and it pulls', 'pulls yes'],
  ['brakes bled yesterday', 'system_opened yes'],
  ['needs bleeding?', ''],
  ['has not been bled', ''],
  ['the car stops well', ''],
  ['does it pull? no', ''],
  ['engine knocks', ''],
  ['not just noisy, it pulls too', 'pulls yes'],
  ['pedal drops while holding it at lights', 'pedal_sinks yes'],
  ['the left front caliper is sticking', 'wheel_drags one FL'],
  ['stinks after three laps', 'smell_or_smoke yes; temperature_link only_hot; usage track'],
  ['pads gone in one session', 'pads_wear_fast yes; usage track'],
  ['brakes squeal and grind', 'noise_squeal yes; noise_grind yes'],
  ['wheel bearing is fine', ''],
  ['no grinding, no squealing', 'noise_grind no; noise_squeal no'],
  ['The pedal is long and soft, cold and hot', 'pedal_long yes; pedal_spongy yes; temperature_link any_time'],
  ['brake lamp stays lit', 'warning_light brake'],
  ['big gravel trap visit at lap 6', 'off_track yes; usage track'],
];

const saidIn = (text: string): string[] =>
  readWords(text).suggestions.map(({ finding, state, corner, axle }) =>
    [finding, state, corner ?? axle].filter(Boolean).join(' '),
  );

describe('what the driver says', () => {
  it.each(LINES)('%s', (text, suggests) => {
    const { suggestions } = readWords(text);
    expect(saidIn(text).sort()).toEqual(suggests === '' ? [] : suggests.split('; ').sort());
    for (const { finding, state, from, to } of suggestions) {
      expect(findingOf(finding).states).toContain(state);
      expect(text.slice(from, to).length).toBeGreaterThan(2);
    }
  });

  it.each([
    ['Shakes from 70 mph', { speedKmh: 70 * 1.609344 }],
    ['at 120 km/h in the wet', { speedKmh: 120 }],
    ['judders from 60 miles', { speedKmh: 60 * 1.609344 }],
    ['still shakes after 500 miles', {}],
    ['done at 90 miles ago', {}],
    ['after five laps', { laps: 5, hot: true }],
    ['on the third lap', { laps: 3, hot: true }],
    ['a couple of laps', { laps: 2, hot: true }],
    ['only when cold', { hot: false }],
    ['hot or cold', {}],
    ['right front smokes', { corner: 'FR' }],
    ['both fronts, left front and right front', {}],
    ['RL drags', { corner: 'RL' }],
    ['nothing', {}],
    // Not so yet is cold, and a mark on a rotor is neither.
    ['squeaks until warm', { hot: false }],
    ['no bite till the third lap', { laps: 3, hot: false }],
    ['brakes drag after ten minutes of town driving and free off when cold', { hot: true }],
    ['hot spots on the disc', {}],
  ])('conditions: %s', (text, conditions) => {
    const read = readWords(text).conditions;
    expect(Object.keys(read).sort()).toEqual(Object.keys(conditions).sort());
    for (const [name, value] of Object.entries(conditions))
      if (typeof value === 'number') expect(read[name as 'laps']).toBeCloseTo(value, 6);
      else expect(read[name as 'hot']).toBe(value);
  });

  it('says for each answer the words it came from', () => {
    const text = 'Well, the PEDAL sinks at the lights.';
    const [sinks] = readWords(text).suggestions;
    expect(text.slice(sinks!.from, sinks!.to)).toBe('PEDAL sinks');
  });

  it('takes any text, suggests each question once, and reads the same twice', () => {
    const word = fc.constantFrom(...LINES.flatMap(([text]) => text.split(' ')), '—', '😀', '...', '120');
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.array(word).map((words) => words.join(' ')),
        ),
        (text) => {
          const once = readWords(text);
          expect(readWords(text)).toEqual(once);
          // What can hold beside another state of the same question is asked once a state.
          const asked = once.suggestions.map(
            ({ finding, corner, state }) =>
              `${finding} ${corner} ${findingOf(finding).several === 'apart' ? state : ''}`,
          );
          expect(new Set(asked).size).toBe(asked.length);
          for (const { from, to } of once.suggestions) {
            expect(from).toBeGreaterThanOrEqual(0);
            expect(to).toBeGreaterThan(from);
            expect(to).toBeLessThanOrEqual(text.length);
          }
        },
      ),
      { numRuns: 300 },
    );
  });

  // The usual limits: 55 kPa, which is 16.24 inches of mercury by NIST SP 811; free play 1 to 8 mm; pads 1.5 mm apart.
  it.each([
    ['vacuum 16.5 inches', 'assist_vacuum ok'],
    ['vacuum 16 inches', 'assist_vacuum low'],
    ['vacuum reads 0.6 bar', 'assist_vacuum ok'],
    ['54 kPa of vacuum', 'assist_vacuum low'],
    ['free play 8 mm', 'pedal_free_play in_range'],
    ['free play of 0.5 mm', 'pedal_free_play none'],
    ['free play 8.5 mm', 'pedal_free_play excess'],
    ['rotor 21.9 mm, minimum 22', 'rotor_thickness below_minimum'],
    ['rotor 22.1 mm minimum 22', 'rotor_thickness near_minimum'],
    ['disc thickness 24.6 min 22', 'rotor_thickness ok'],
    ['inner pad 6 mm, outer 7.5', 'pad_wear_shape even'],
    ['outer 6 mm inner 7.6', 'pad_wear_shape outer_thin'],
    ['boiling point 231 fahrenheit', ''],
  ])('holds a figure against what is usual, or against the other that was said: %s', (text, suggests) => {
    expect(saidIn(text).join('; ')).toBe(suggests);
  });

  it('answers a line of two thousand characters within a frame', () => {
    const text = LINES.map(([line]) => line)
      .join('. ')
      .slice(0, 2000);
    expect(shortest(() => readWords(text))).toBeLessThan(limitNow(60));
  });

  it('is a calc, and refuses what is no line', () => {
    const read = runCalc('words', { text: 'soft pedal' });
    expect(read.ok && read.value.suggestions).toMatchObject([{ finding: 'pedal_spongy', state: 'yes' }]);
    expect(runCalc('words', { text: 'x'.repeat(2001) }).ok).toBe(false);
    expect(runCalc('words', { text: 'soft', language: 'xx' }).ok).toBe(false);
    expect(runCalc('words', {}).ok).toBe(false);
  });
});

describe('slips between two words', () => {
  // Damerau's four kinds (Communications of the ACM 7, 1964): one each.
  it.each([
    ['pedal', 'pedl', 1],
    ['pedal', 'peddal', 1],
    ['pedal', 'pedel', 1],
    ['pedal', 'pdeal', 1],
    ['pedal', 'pedal', 0],
    ['squeal', 'grind', 3],
  ])('%s, %s: %i', (left, right, slips) => {
    expect(slipsBetween(left, right, 2)).toBe(Math.min(3, slips));
  });
});

import { type CauseKnowledge, link } from './cause';

/** What can be wrong with the help the foot gets. */
export const ASSIST: readonly CauseKnowledge[] = [
  {
    cause: 'booster_supply_lost',
    meaning: 'Split or restricted hose, stuck check valve, low engine vacuum',
    prior: 0.00134,
    at: 'car',
    needs: { assist: ['vacuum'] },
    links: [
      link('pedal_hard', 'yes', 0.9, 'The foot does it alone'),
      link('poor_stopping', 'yes', 0.55, 'The leg runs out before the tyre does'),
      link('stop_effect', 'low_throughout', 0.5, 'The same foot gives less'),
      link('assist_start', 'no_change', 0.92, 'No vacuum arrives when the engine starts'),
      link('assist_vacuum', 'low', 0.93, 'Measured at the booster'),
      link('pedal_now', 'hard', 0.8, 'It is there cold, at rest'),
      link('master_fitted', 'yes', 0.12, 'A hose was left off or nicked'),
      link('noise_hiss', 'yes', 0.3, 'Air goes in where the hose or its grommet is open'),
      link(
        'temperature_link',
        'only_cold',
        0.3,
        'A check valve that leaks lets the vacuum go while the car stands',
      ),
    ],
  },
  {
    cause: 'booster_failed',
    meaning: 'Diaphragm or valve fault; supply is good',
    prior: 0.001,
    at: 'car',
    needs: { assist: ['vacuum'] },
    links: [
      link('pedal_hard', 'yes', 0.88, 'The foot does it alone'),
      link('poor_stopping', 'yes', 0.5, 'The leg runs out before the tyre does'),
      link('stop_effect', 'low_throughout', 0.5, 'The same foot gives less'),
      link('assist_start', 'no_change', 0.85, 'Vacuum arrives and does nothing'),
      link('pedal_now', 'hard', 0.75, 'It is there cold, at rest'),
      link('pedal_slow_return', 'yes', 0.12, 'A stuck valve holds the pedal down'),
      link('assist_vacuum', 'low', 0.15, 'A torn diaphragm lets the vacuum down'),
      link('noise_hiss', 'yes', 0.5, 'Air goes through a torn diaphragm or an open valve'),
      link('grabs', 'yes', 0.12, 'A valve that opens too far gives all its help at once', 0.004),
    ],
  },
  {
    cause: 'hydraulic_assist_low',
    meaning: 'Assist pump fluid low or pump weak',
    prior: 0.0016,
    at: 'car',
    needs: { assist: ['hydraulic'] },
    links: [
      link('pedal_hard', 'yes', 0.88, 'The foot does it alone'),
      link('poor_stopping', 'yes', 0.5, 'The leg runs out before the tyre does'),
      link('stop_effect', 'low_throughout', 0.5, 'The same foot gives less'),
      link('assist_fluid', 'low', 0.75, 'The pump has nothing to pump'),
      link('assist_start', 'no_change', 0.75, 'No assist arrives when the engine starts'),
      link('pedal_now', 'hard', 0.75, 'It is there cold, at rest'),
      link('warning_light', 'brake', 0.3, 'The assist pressure switch lights the lamp'),
    ],
  },
];

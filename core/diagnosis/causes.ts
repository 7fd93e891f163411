/** Every cause the tool can name. Ids are stable: they stand in records and exported cases. */
export const CAUSES = [
  {
    id: 'air_in_lines',
    group: 'hydraulic',
    label: 'Air in the lines',
  },
  {
    id: 'air_in_abs_unit',
    group: 'hydraulic',
    label: 'Air in the ABS or stability unit',
  },
  {
    id: 'fluid_boiled_wet',
    group: 'hydraulic',
    label: 'Fluid boiled: too much water in it',
  },
  {
    id: 'fluid_boiled_heat',
    group: 'hydraulic',
    label: 'Fluid boiled: calipers too hot for sound fluid',
  },
  {
    id: 'fluid_low',
    group: 'hydraulic',
    label: 'Fluid level low',
  },
  {
    id: 'fluid_overfilled',
    group: 'hydraulic',
    label: 'Reservoir overfilled',
  },
  {
    id: 'fluid_wrong',
    group: 'hydraulic',
    label: 'Wrong or contaminated fluid',
  },
  {
    id: 'external_leak',
    group: 'hydraulic',
    label: 'External leak',
  },
  {
    id: 'master_bypass',
    group: 'hydraulic',
    label: 'Master cylinder leaking past its seals',
  },
  {
    id: 'master_leak_to_booster',
    group: 'hydraulic',
    label: 'Master cylinder leaking into the booster',
  },
  {
    id: 'hose_expansion',
    group: 'hydraulic',
    label: 'Flexible hoses swelling',
  },
  {
    id: 'hose_restricted',
    group: 'hydraulic',
    label: 'Flexible hose blocked inside',
  },
  {
    id: 'pressure_trapped',
    group: 'hydraulic',
    label: 'Pressure trapped: pushrod too long or vent port covered',
  },
  {
    id: 'pushrod_short',
    group: 'pedal',
    label: 'Pushrod too short',
  },
  {
    id: 'bias_misset',
    group: 'hydraulic',
    label: 'Front/rear balance wrong',
  },
  {
    id: 'bleeder_not_at_top',
    group: 'hydraulic',
    label: 'Caliper fitted with the bleeder low',
  },
  {
    id: 'master_too_small',
    group: 'hydraulic',
    label: 'Master bore too small for the calipers',
  },
  {
    id: 'master_too_big',
    group: 'hydraulic',
    label: 'Master bore too big for the pedal effort',
  },
  {
    id: 'firewall_flex',
    group: 'pedal',
    label: 'Master mounting or firewall flexing',
  },
  {
    id: 'pedal_ratio_low',
    group: 'pedal',
    label: 'Pedal ratio too low for an unassisted system',
  },
  {
    id: 'pedal_ratio_high',
    group: 'pedal',
    label: 'Pedal ratio too high',
  },
  {
    id: 'pedal_pivot_play',
    group: 'pedal',
    label: 'Worn pedal pivot or clevis',
  },
  {
    id: 'booster_supply_lost',
    group: 'assist',
    label: 'Booster gets no vacuum',
  },
  {
    id: 'booster_failed',
    group: 'assist',
    label: 'Booster failed',
  },
  {
    id: 'hydraulic_assist_low',
    group: 'assist',
    label: 'Hydraulic assist low',
  },
  {
    id: 'pad_glazed',
    group: 'friction',
    label: 'Pads glazed',
  },
  {
    id: 'pad_overheated',
    group: 'friction',
    label: 'Pads past their working temperature',
  },
  {
    id: 'pad_too_cold',
    group: 'friction',
    label: 'Track compound below its working temperature',
  },
  {
    id: 'pad_worn_out',
    group: 'friction',
    label: 'Pads worn out',
  },
  {
    id: 'pad_not_bedded',
    group: 'friction',
    label: 'Pads not bedded',
  },
  {
    id: 'pad_contaminated',
    group: 'friction',
    label: 'Pads contaminated',
  },
  {
    id: 'lining_separated',
    group: 'friction',
    label: 'Lining coming off its plate',
  },
  {
    id: 'poor_friction_pair',
    group: 'friction',
    label: 'Poor pad and rotor pairing',
  },
  {
    id: 'uneven_transfer',
    group: 'rotor',
    label: 'Uneven pad deposits on the rotor',
  },
  {
    id: 'rotor_thickness_variation',
    group: 'rotor',
    label: 'Rotor thickness varies round the face',
  },
  {
    id: 'rotor_runout',
    group: 'rotor',
    label: 'Rotor runs out sideways',
  },
  {
    id: 'rotor_heat_distorted',
    group: 'rotor',
    label: 'Rotor distorted by heat',
  },
  {
    id: 'rotor_cracked',
    group: 'rotor',
    label: 'Rotor cracked',
  },
  {
    id: 'rotor_below_minimum',
    group: 'rotor',
    label: 'Rotor below minimum thickness',
  },
  {
    id: 'rotor_rusted',
    group: 'rotor',
    label: 'Rotor rusted where the pads run',
  },
  {
    id: 'rotor_scored',
    group: 'rotor',
    label: 'Rotor scored',
  },
  {
    id: 'rotor_float_bound',
    group: 'rotor',
    label: 'Floating rotor bound up',
  },
  {
    id: 'rotor_float_worn',
    group: 'rotor',
    label: 'Floating hardware worn',
  },
  {
    id: 'caliper_slides_seized',
    group: 'caliper',
    label: 'Sliding caliper stuck on its pins',
  },
  {
    id: 'pads_bound',
    group: 'caliper',
    label: 'Pads bound in the bracket',
  },
  {
    id: 'pad_misfitted',
    group: 'caliper',
    label: 'Pad wrong or wrongly fitted',
  },
  {
    id: 'caliper_loose',
    group: 'caliper',
    label: 'Caliper loose on its mount',
  },
  {
    id: 'caliper_piston_seized',
    group: 'caliper',
    label: 'Caliper piston seized',
  },
  {
    id: 'caliper_spread',
    group: 'caliper',
    label: 'Caliper spreading under load',
  },
  {
    id: 'integral_adjuster_slack',
    group: 'caliper',
    label: "Rear caliper's own parking adjuster slack",
  },
  {
    id: 'parking_brake_drag',
    group: 'caliper',
    label: 'Parking brake dragging',
  },
  {
    id: 'wheel_bearing_play',
    group: 'corner',
    label: 'Wheel bearing play',
  },
  {
    id: 'hub_upright_flex',
    group: 'corner',
    label: 'Hub or upright flexing',
  },
  {
    id: 'suspension_play',
    group: 'corner',
    label: 'Play in a bush or ball joint',
  },
  {
    id: 'wheel_loose',
    group: 'corner',
    label: 'Wheel nuts loose or a stud damaged',
  },
  {
    id: 'tyre_fault',
    group: 'corner',
    label: 'Tyre fault',
  },
  {
    id: 'wheel_fault',
    group: 'corner',
    label: 'Wheel, tyre or mounting fault',
  },
  {
    id: 'cooling_insufficient',
    group: 'thermal',
    label: 'Not enough cooling',
  },
  {
    id: 'cooling_one_sided',
    group: 'thermal',
    label: 'Air blown on one rotor face',
  },
  {
    id: 'brakes_undersized',
    group: 'thermal',
    label: 'Brakes too small for the car and pace',
  },
  {
    id: 'shoes_worn',
    group: 'drum',
    label: 'Brake shoes worn out',
  },
  {
    id: 'drum_slack',
    group: 'drum',
    label: 'Drum shoes slack or adjuster seized',
  },
  {
    id: 'drum_glazed',
    group: 'drum',
    label: 'Drum or linings glazed',
  },
  {
    id: 'drum_oval',
    group: 'drum',
    label: 'Drum out of round',
  },
  {
    id: 'wheel_cylinder_seized',
    group: 'drum',
    label: 'Wheel cylinder seized',
  },
  {
    id: 'debris_in_brake',
    group: 'corner',
    label: 'Stone in the brake, or a shield that rubs',
  },
  {
    id: 'wheel_speed_sensor',
    group: 'normal',
    label: 'Wheel-speed sensor fault',
  },
  {
    id: 'abs_unit_fault',
    group: 'hydraulic',
    label: 'ABS unit faulty',
  },
  {
    id: 'abs_working',
    group: 'normal',
    label: 'ABS doing its job',
  },
] as const;

export type CauseId = (typeof CAUSES)[number]['id'];

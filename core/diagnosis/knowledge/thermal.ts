import { brings, type CauseKnowledge, link } from './cause';

/** What can be wrong with where the heat goes. What the heat does is in what it brings about. */
export const THERMAL: readonly CauseKnowledge[] = [
  {
    cause: 'cooling_insufficient',
    meaning: 'Right parts, no cool air to the core of the rotor; temperature climbs lap by lap',
    prior: 0.0006,
    at: 'car',
    links: [
      link('cooling_path', 'none', 0.92, 'No air gets there', 0.88),
      link('usage', 'track', 0.85, 'Road use does not need ducts'),
      link('heat_spread', 'all_hot', 0.5, 'Everything is hotter than it should be', 0.25),
      link('rotor_colour', 'blued', 0.45, 'The rotor shows the heat', 0.35),
      link('pads_wear_fast', 'yes', 0.2, 'Hot pads go fast'),
      link('rotor_surface', 'heat_checked', 0.3, 'The face crazes', 0.25),
    ],
    brings: [
      brings('pad_overheated', 0.6, 'Temperature climbs lap by lap'),
      brings('fluid_boiled_heat', 0.3, 'Temperature climbs lap by lap'),
      brings('fluid_boiled_wet', 0.1, 'Water in it boils as the temperature climbs'),
      brings('rotor_heat_distorted', 0.02, 'Heat distorts'),
      brings('rotor_cracked', 0.02, 'Heat cracks'),
    ],
  },
  {
    cause: 'cooling_one_sided',
    meaning: 'One face stays hot; cracks, cones or distorts',
    prior: 0.002,
    at: 'corner',
    front: 0.75,
    across: 0.5,
    needs: { brake: 'disc' },
    links: [
      link('cooling_path', 'face', 0.93, 'Seen: the hose blows at the face'),
      link('rotor_surface', 'heat_checked', 0.3, 'One face stays hot and crazes'),
      link('pad_wear_shape', 'taper_radial', 0.25, 'A coned rotor tapers the pad'),
      link('usage', 'track', 0.7, 'Ducts are for the track'),
    ],
    brings: [
      brings('rotor_heat_distorted', 0.2, 'One face stays hot and cones'),
      brings('rotor_cracked', 0.06, 'One face stays hot and cracks'),
    ],
  },
  {
    cause: 'brakes_undersized',
    meaning: 'Rotor mass and pad area too little for the energy, whatever the compound',
    prior: 0.0006,
    at: 'car',
    links: [
      link('pads_wear_fast', 'yes', 0.55, 'Too little pad for the energy'),
      link('usage', 'track', 0.85, 'Only pace shows it'),
      link('rotor_colour', 'blued', 0.5, 'The rotor shows the heat', 0.4),
      link('heat_spread', 'all_hot', 0.55, 'Everything is hotter than it should be', 0.25),
      link('rotor_surface', 'heat_checked', 0.3, 'The face crazes', 0.25),
    ],
    brings: [
      brings('pad_overheated', 0.6, 'Too little metal for the energy'),
      brings('fluid_boiled_heat', 0.3, 'Too little metal for the energy'),
      brings('fluid_boiled_wet', 0.1, 'Water in it boils first'),
      brings('rotor_heat_distorted', 0.02, 'Too little metal for the energy'),
      brings('rotor_cracked', 0.02, 'Too little metal for the energy'),
    ],
  },
];

import { axleOf, CORNERS, type Corner } from '../../car/corner';
import type { CarSpec } from '../../car/spec';
import { USUAL_RADII } from '../../car/usualRadii';

/** The true state of a car that the simulated instruments measure. Angles from station 1, in the direction of the stations. */
export type CornerCondition = {
  /** Peak to peak and high side of the rotor's own wobble at the dial, and of an order 2 in the disc; mm, degrees. */
  rotor?: { wobbleMm: number; highDeg: number; waveMm: number; waveDeg: number };
  /** Hub face, at `hubRadiusMm`. */
  hub: { wobbleMm: number; highDeg: number };
  thickness?: { meanMm: number; variationMm: number; thinDeg: number };
  pads?: Record<'inner' | 'outer', { leading: number; trailing: number }>;
  playMm: number;
  flexMm: number;
  faceC: number;
};

export type Condition = {
  corners: Record<Corner, CornerCondition>;
  fluid: { moisturePct: number; boilingC: number };
  pedalForceN: number;
};

/** Where an instrument is put: what the technician's hands do. */
export type Pose = {
  point:
    | 'rotor_face'
    | 'rotor_thickness'
    | 'hub_face'
    | 'pad'
    | 'bearing'
    | 'flex'
    | 'reservoir'
    | 'face'
    | 'pedal';
  corner?: Corner;
  /** Turn of the disc, degrees; which pad and end. */
  angleDeg?: number;
  pad?: { side: 'inner' | 'outer'; end: 'leading' | 'trailing' };
  /** How hard the foot presses, where it is told to, N. */
  forceN?: number;
};

/** A car with nothing wrong: new parts, small honest runout. What a car without a condition of its own measures. */
export function soundCondition(car: CarSpec): Condition {
  const corner = (id: Corner): CornerCondition => {
    const axle = car[axleOf(id)];
    const turn = CORNERS.indexOf(id) * 70;
    const pad = axle.padNewMm ?? 12;
    const common = { hub: { wobbleMm: 0.008, highDeg: turn + 40 }, playMm: 0.015, flexMm: 0.04, faceC: 62 };
    if (axle.brake === 'drum') return common;
    return {
      ...common,
      rotor: { wobbleMm: 0.02, highDeg: turn + 130, waveMm: 0.004, waveDeg: turn },
      thickness: { meanMm: axle.rotorNewMm ?? 22, variationMm: 0.004, thinDeg: turn + 200 },
      pads: {
        inner: { leading: pad, trailing: pad },
        outer: { leading: pad, trailing: pad },
      },
    };
  };
  return {
    corners: { FL: corner('FL'), FR: corner('FR'), RL: corner('RL'), RR: corner('RR') },
    fluid: { moisturePct: 0.4, boilingC: 221 },
    pedalForceN: 300,
  };
}

/**
 * What is truly there at a pose, in the unit the instrument reads; undefined when there is nothing to touch.
 * The mounted dial sees the rotor's own wobble and the hub's, grown to the dial's radius, together.
 */
export function truthAt(
  condition: Condition,
  pose: Pose,
  radii: { rotorMm: number; hubMm: number } = USUAL_RADII,
): number | undefined {
  const corner = pose.corner && condition.corners[pose.corner];
  const angle = pose.angleDeg ?? 0;
  switch (pose.point) {
    case 'rotor_face':
      if (!corner?.rotor) return undefined;
      return (
        swing(corner.rotor.wobbleMm, angle, corner.rotor.highDeg, 1) +
        swing(corner.rotor.waveMm, angle, corner.rotor.waveDeg, 2) +
        swing((corner.hub.wobbleMm * radii.rotorMm) / radii.hubMm, angle, corner.hub.highDeg, 1)
      );
    case 'hub_face':
      return corner && swing(corner.hub.wobbleMm, angle, corner.hub.highDeg, 1);
    case 'rotor_thickness':
      if (!corner?.thickness) return undefined;
      return (
        corner.thickness.meanMm - swing(corner.thickness.variationMm, angle, corner.thickness.thinDeg, 1)
      );
    case 'pad':
      return pose.pad && corner?.pads?.[pose.pad.side][pose.pad.end];
    case 'bearing':
      return corner?.playMm;
    case 'flex':
      return corner?.flexMm;
    case 'face':
      return corner?.faceC;
    case 'reservoir':
      return undefined;
    case 'pedal':
      return pose.forceN ?? condition.pedalForceN;
  }
}

function swing(peakToPeak: number, angleDeg: number, highDeg: number, order: number): number {
  return (peakToPeak / 2) * Math.cos((order * (angleDeg - highDeg) * Math.PI) / 180);
}

/** What can hurt somebody, said at the step where it can. Common practice; local rules and the maker come first. */
export const CAUTIONS = {
  stands:
    'Stands before hands: rated points, stands under, wheels under the sill. An air-suspended car has its own lifting mode.',
  glasses: 'Glasses and gloves.',
  fluid: 'Brake fluid strips paint and hurts eyes: water at once.',
  pressure: 'Pressure in the line: never undo a cap or a union under it. Release slowly first.',
  bleeder_snap: 'Close snug: stop, then a little more. Bleeders snap.',
  dust: 'Brake dust: never blow it, wipe it damp or use a filtered vacuum. Old linings may hold asbestos.',
  compressed_air: 'Blowing pistons out: wood block between, low pressure, hands out. It maims.',
  hot: 'Hot enough to burn: leave it until a bare hand can stay near it.',
  firm_pedal:
    'Pump the pedal until it is hard before the car moves at all. Never drive on a pedal that is not firm.',
  legal:
    'A changed brake may need an engineer’s approval before the car goes on a road. Local law and the car maker come first.',
  disposal:
    'Waste fluid goes where local rules say, in a closed can out of reach of animals: it poisons them. Never back into a new bottle.',
  caliper_hang: 'Never let a caliper hang on its hose: tie it up.',
  single_circuit: 'A single-circuit conversion gives up the split system: one burst line takes every brake.',
  road: 'Only where it is legal, empty and safe; a track or closed road is best. Somebody looks behind. The passenger reads, the driver drives.',
  no_parking_brake: 'No parking brake while hot: shoes or pads held on a hot face print it.',
  spring_loaded: 'Shoe and pedal springs let go hard: face away, the right tool, glasses.',
  assist_pressure:
    'A hydraulic booster holds pressure with the engine off: let it down as the maker says first.',
  parked_motor:
    'A motor can clamp the parking brake at a door, a key or a belt: service mode first, fingers out, never forced back.',
  by_wire:
    'Brakes by wire build pressure by themselves, at a door or a touch of the pedal: service mode as the maker says, key out of reach.',
  high_voltage:
    'High voltage: orange cables and all they lead to are for qualified people only. Car off, key away, lifting pads clear of the battery.',
  nobody_presses: 'A tag on the wheel: nobody presses the pedal while a caliper, a pad or a drum is off.',
  fumes: 'Cleaner and alcohol burn, and their fumes at heat are poison: cold parts, air moving, no flame.',
  mask: 'A mask that stops fine dust, and water: paper on an old lining is the worst dust of all.',
  spring_load:
    'A coil spring holds the weight of the car: compressor and hook, never under it with a joint undone.',
  fingers: 'Fingers and sleeves clear of anything that turns: rotor, belt, fan.',
  wheel_torque: 'Wheels to the maker’s torque, crosswise, and again after the first session.',
  proof_run: 'Proof run slow, straight, empty.',
} as const satisfies Record<string, string>;

export type CautionId = keyof typeof CAUTIONS;

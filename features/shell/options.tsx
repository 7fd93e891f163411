import { CIRCUIT_KINDS, CIRCUITS } from '@/core/car/circuits';

/** Cars to choose from. */
export function CarOptions({ cars }: { cars: readonly { id: string; name: string }[] }) {
  return cars.map(({ id, name }) => (
    <option key={id} value={id}>
      {name}
    </option>
  ));
}

/** Kinds of circuits to choose from. */
export function CircuitOptions() {
  return CIRCUIT_KINDS.map((kind) => (
    <option key={kind} value={kind}>
      {CIRCUITS[kind].label}
    </option>
  ));
}

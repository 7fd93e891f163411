/** What an odometer can show, km. */
export const ODOMETER_RANGE = [0, 3_000_000] as const;

/** What is known of the car's trouble that changes a plan. */
export type Known = { opened: boolean; softAfterBleed: boolean };

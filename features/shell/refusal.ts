/** Why the server took something not: in words, by field, and with what stands instead where somebody was there first. */
export type Refusal = {
  code: string;
  message: string;
  issues?: { path: string; value: string; accepted: string }[];
  current?: unknown;
};

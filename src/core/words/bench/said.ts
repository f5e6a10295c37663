/** What a step of the bench says: what to do, and why. */
export interface Said {
  what: string;
  why: string;
}

/** What a check says: its question, and what is said when it fails. */
export interface CheckSaid {
  ask: string;
  failWhy: string;
}

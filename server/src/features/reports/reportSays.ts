import type { Active, ReportRoom } from '@zymostat/core';

/** A batch that was put on, and how it was checked. */
export interface ReportBatch {
  code: string;
  active: Active;
  strength: number;
  measured: number | null;
  verified: boolean;
  madeAt: number;
  madeBy: string;
}

/** All that a visit report says. Times in ms since 1970, told in `zone`. */
export interface ReportSays {
  company: { name: string; emergencyNumber: string; poisonLine: string };
  homeName: string;
  place: string;
  by: string;
  startedAt: number;
  finishedAt: number | null;
  zone: string;
  rooms: ReportRoom[];
  batches: ReportBatch[];
  corrections: number;
  /** What is signed, and by which rows and head. */
  proof: {
    code: string;
    at: number;
    rows: { count: number; from: number; to: number };
    head: string;
    signature: string;
    address: string;
  };
  /** The signed text, its signature (base64) and the key (SPKI, base64url), kept in the file. */
  attached: { report: string; signature: string; key: string };
}

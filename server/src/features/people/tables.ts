import type { HouseRules } from '@zymostat/core';
import type { Language } from '@zymostat/contract';
import { EntitySchema } from 'typeorm';

export interface Company {
  id: string;
  name: string;
  emergencyNumber: string;
  poisonLine: string;
  houseRules: HouseRules;
  revision: number;
}
export const CompanyEntity = new EntitySchema<Company>({
  name: 'company',
  columns: {
    id: { type: 'uuid', primary: true },
    name: { type: 'text' },
    emergencyNumber: { type: 'text', name: 'emergency_number' },
    poisonLine: { type: 'text', name: 'poison_line' },
    houseRules: { type: 'jsonb', name: 'house_rules' },
    revision: { type: 'integer', default: 0 },
  },
});

export interface Person {
  id: string;
  name: string;
  login: string;
  role: 'supervisor' | 'cleaner';
  passwordHash: string;
  /** Which language they have chosen; nothing until they are asked. */
  language: Language | null;
  leftAt?: Date | null;
  revision?: number;
  /** Keeps what is hashed of the name from being guessed; it goes when the person leaves. */
  salt?: string;
}
export const PersonEntity = new EntitySchema<Person>({
  name: 'person',
  columns: {
    id: { type: 'uuid', primary: true },
    name: { type: 'text' },
    login: { type: 'text' },
    role: { type: 'text' },
    passwordHash: { type: 'text', name: 'password_hash' },
    language: { type: 'text', nullable: true },
    leftAt: { type: 'timestamptz', name: 'left_at', nullable: true },
    revision: { type: 'integer' },
    salt: { type: 'text', select: false },
  },
});

export interface Session {
  tokenHash: string;
  personId: string;
  expiresAt: Date;
  id?: string;
  openedAt?: Date;
  /** What its browser says it is. */
  device: string;
}
export const SessionEntity = new EntitySchema<Session>({
  name: 'session',
  columns: {
    tokenHash: { type: 'text', primary: true, name: 'token_hash' },
    personId: { type: 'uuid', name: 'person_id' },
    expiresAt: { type: 'timestamptz', name: 'expires_at' },
    id: { type: 'uuid', generated: 'uuid' },
    openedAt: { type: 'timestamptz', name: 'opened_at' },
    device: { type: 'text' },
  },
});

/** A device that somebody has signed in on, by the hash of what it keeps. */
export interface KnownDevice {
  tokenHash: string;
  personId: string;
  at: Date;
}
export const KnownDeviceEntity = new EntitySchema<KnownDevice>({
  name: 'known_device',
  columns: {
    tokenHash: { type: 'text', primary: true, name: 'token_hash' },
    personId: { type: 'uuid', primary: true, name: 'person_id' },
    at: { type: 'timestamptz' },
  },
});

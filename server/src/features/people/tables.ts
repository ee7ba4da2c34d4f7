import type { HouseQuestion, HouseRules } from '@zymostat/core';
import type { Language } from '@zymostat/contract';
import { EntitySchema } from 'typeorm';

export interface Company {
  id: string;
  name: string;
  emergencyNumber: string;
  poisonLine: string;
  houseRules: HouseRules;
  currency: string | null;
  zone: string | null;
  units: 'us' | 'metric' | null;
  /** Questions of the house that somebody has looked at and answered. */
  answered: HouseQuestion[];
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
    currency: { type: 'text', nullable: true },
    zone: { type: 'text', nullable: true },
    units: { type: 'text', nullable: true },
    answered: { type: 'jsonb' },
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

/** Somebody who is asked in, or may choose a new password, by the hash of a code that counts once. */
export interface Invitation {
  id: string;
  codeHash: string;
  name: string;
  role: Person['role'];
  language: Language | null;
  /** Whose new password it is for. */
  personId: string | null;
  madeBy: string;
  madeAt: Date;
  expiresAt: Date;
}
export const InvitationEntity = new EntitySchema<Invitation>({
  name: 'invitation',
  columns: {
    id: { type: 'uuid', primary: true },
    codeHash: { type: 'text', name: 'code_hash' },
    name: { type: 'text' },
    role: { type: 'text' },
    language: { type: 'text', nullable: true },
    personId: { type: 'uuid', name: 'person_id', nullable: true },
    madeBy: { type: 'uuid', name: 'made_by' },
    madeAt: { type: 'timestamptz', name: 'made_at' },
    expiresAt: { type: 'timestamptz', name: 'expires_at' },
  },
});

/** By the hash of the code by which a company may begin here. */
export interface SetUpCode {
  codeHash: string;
  madeAt: Date;
}
export const SetUpCodeEntity = new EntitySchema<SetUpCode>({
  name: 'set_up_code',
  columns: {
    codeHash: { type: 'text', primary: true, name: 'code_hash' },
    madeAt: { type: 'timestamptz', name: 'made_at' },
  },
});

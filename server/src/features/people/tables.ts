import type { HouseRules } from '@zymostat/core';
import type { Language } from '@zymostat/contract';
import { EntitySchema } from 'typeorm';

export interface Company {
  id: string;
  name: string;
  emergencyNumber: string;
  poisonLine: string;
  houseRules: HouseRules;
}
export const CompanyEntity = new EntitySchema<Company>({
  name: 'company',
  columns: {
    id: { type: 'uuid', primary: true },
    name: { type: 'text' },
    emergencyNumber: { type: 'text', name: 'emergency_number' },
    poisonLine: { type: 'text', name: 'poison_line' },
    houseRules: { type: 'jsonb', name: 'house_rules' },
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
  },
});

export interface Session {
  tokenHash: string;
  personId: string;
  expiresAt: Date;
}
export const SessionEntity = new EntitySchema<Session>({
  name: 'session',
  columns: {
    tokenHash: { type: 'text', primary: true, name: 'token_hash' },
    personId: { type: 'uuid', name: 'person_id' },
    expiresAt: { type: 'timestamptz', name: 'expires_at' },
  },
});

export interface SignInAttempt {
  id?: string;
  login: string;
  address: string;
  at: Date;
}
export const SignInAttemptEntity = new EntitySchema<SignInAttempt>({
  name: 'sign_in_attempt',
  columns: {
    id: { type: 'bigint', primary: true, generated: 'increment' },
    login: { type: 'text' },
    address: { type: 'text' },
    at: { type: 'timestamptz' },
  },
});

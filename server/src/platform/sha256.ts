import { hash } from 'node:crypto';

/** SHA-256 of a text, in hex. */
export const sha256 = (text: string): string => hash('sha256', text, 'hex');

import { hash } from 'node:crypto';

/** SHA-256 of a text or of bytes, in hex. */
export const sha256 = (text: string | Uint8Array): string => hash('sha256', text, 'hex');

import type { Body, StockRow } from '@zymostat/contract';
import { useTellStockMutation } from '../../stock/api.ts';

type Told = Body<'tellStock'>;

export interface AskProps {
  of: StockRow;
  onDone: () => void;
}

/** Tells one thing of a container, and is done once that is on record. */
export const useTell = ({ of, onDone }: AskProps) => {
  const [tell, { error, isLoading }] = useTellStockMutation();
  const put = async (told: Pick<Told, 'did'> & Partial<Told>) => {
    const body = { volume: null, why: null, from: null, storage: null, ...told };
    const result = await tell({ id: of.id, body });
    if (!result.error) onDone();
  };
  return { put, error, isLoading };
};
export type Telling = Pick<ReturnType<typeof useTell>, 'error' | 'isLoading'>;

import { ChangedMeanwhile } from '../../../ui/ChangedMeanwhile.tsx';
import { WentWrong } from '../../../ui/parts.tsx';

interface Props {
  /** Whether it stood there before: then somebody else may have changed it meanwhile. */
  stood: boolean;
  adding: { error?: unknown };
  editing: { error?: unknown };
  onMine: (revision: number) => void;
  onTheirs: () => void;
}

/** What went wrong with saving, and the way on. */
export const SaveLine = ({ stood, adding, editing, onMine, onTheirs }: Props) =>
  stood ? (
    <ChangedMeanwhile error={editing.error} onMine={onMine} onTheirs={onTheirs} />
  ) : (
    <WentWrong error={adding.error} />
  );

import { useRef } from 'react';

interface Props {
  name: string;
  /** What kind of file is asked for. */
  label: string;
  accept: string;
  onFile: (file: File) => void;
}

/** A button that asks for a file. */
export const FileButton = ({ name, label, accept, onFile }: Props) => {
  const input = useRef<HTMLInputElement>(null);
  const take = (list: FileList | null) => {
    if (list?.[0]) onFile(list[0]);
    // So that the same file can be chosen again.
    if (input.current) input.current.value = '';
  };
  return (
    <>
      <button className="btn btn--quiet" onClick={() => input.current?.click()}>
        {name}
      </button>
      <input
        ref={input}
        className="sr-only"
        type="file"
        accept={accept}
        aria-label={label}
        tabIndex={-1}
        onChange={(event) => take(event.target.files)}
      />
    </>
  );
};

import type { PhotoRow as Row } from '@zymostat/contract';
import { useState } from 'react';
import * as v from 'valibot';
import { FileButton } from '../../ui/FileButton.tsx';
import { TextControl } from '../../ui/form/controls.tsx';
import { EndLine } from '../../ui/form/EndLine.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { maybeLine } from '../../ui/form/lines.ts';
import { useFormOf } from '../../ui/form/useFormOf.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { dayOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import {
  useAddPhotoMutation,
  usePhotosQuery,
  useTakeOutPhotoMutation,
  type PhotosOf,
} from './api.ts';
import { PhotoRow } from './PhotoRow.tsx';
import { shrink } from './shrink.ts';

const base64Of = (dataUrl: string): string => dataUrl.slice(dataUrl.indexOf(',') + 1);

const photoForm = v.object({ says: maybeLine });
type Lines = v.InferInput<typeof photoForm>;
type Said = v.InferOutput<typeof photoForm>;

/** A picture that was chosen, before it is kept. */
const Chosen = ({ of, picture, onDone }: { of: PhotosOf; picture: string; onDone: () => void }) => {
  const form = useFormOf<Lines, Said>(photoForm, { says: '' });
  const [add, { error, isLoading }] = useAddPhotoMutation();
  const keep = async ({ says }: Said) => {
    const result = await add({ ...of, body: { says, image: base64Of(picture) } });
    if (!result.error) onDone();
  };
  return (
    <Form className="grid max-w-[420px] gap-3" onSubmit={form.handleSubmit(keep)}>
      <img
        src={picture}
        alt={w.name('photos', 'file')}
        className="max-h-[220px] justify-self-start"
      />
      <p className="small soft">{w.name('photos', 'bare')}</p>
      <TextControl of={form.control} name="says" label={w.name('photos', 'says')} autoFocus />
      <EndLine
        put={w.name('photos', 'keep')}
        leave={w.name('photos', 'leaveIt')}
        error={error}
        busy={isLoading}
        onLeave={onDone}
      />
    </Form>
  );
};

/** Photos of one thing: looked at, added, taken out. */
export const Photos = ({ of }: { of: PhotosOf }) => {
  const { currentData: photos = [], error } = usePhotosQuery(of);
  const [takeOut, out] = useTakeOutPhotoMutation();
  const [picture, setPicture] = useState<string>();
  const [unreadable, setUnreadable] = useState(false);
  const choose = async (file: File) => {
    setUnreadable(false);
    try {
      setPicture(await shrink(file));
    } catch {
      setUnreadable(true);
    }
  };
  const under = ({ id, by, at }: Row) => (
    <span className="small soft block">
      {w.say('photos.takenBy', { by, on: dayOf(at) })}{' '}
      <button className="btn btn--quiet" onClick={() => void takeOut(id)}>
        {w.name('photos', 'takeOut')}
      </button>
    </span>
  );
  return (
    <section className="my-4" aria-label={w.name('photos', 'photos')}>
      <h2>{w.name('photos', 'photos')}</h2>
      {photos.length === 0 && !picture && <p className="soft">{w.name('photos', 'none')}</p>}
      <PhotoRow photos={photos} under={under} />
      <WentWrong error={error ?? out.error} />
      {picture ? (
        <Chosen of={of} picture={picture} onDone={() => setPicture(undefined)} />
      ) : (
        <FileButton
          name={w.name('photos', 'add')}
          label={w.name('photos', 'file')}
          accept="image/*"
          onFile={(file) => void choose(file)}
        />
      )}
      {unreadable && (
        <p role="alert" className="notice">
          {w.name('photos', 'unreadable')}
        </p>
      )}
    </section>
  );
};

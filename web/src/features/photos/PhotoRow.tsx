import type { PhotoRow as Row } from '@zymostat/contract';
import type { ReactNode } from 'react';
import { w } from '../../words/words.ts';
import { pictureOf } from './api.ts';

interface Props {
  photos: readonly Row[];
  /** What stands under each. */
  under?: (photo: Row) => ReactNode;
}

/** Photos side by side; each opens whole. */
export const PhotoRow = ({ photos, under }: Props) => (
  <ul className="photos" aria-label={w.name('photos', 'photos')}>
    {photos.map((photo) => (
      <li key={photo.id}>
        <a href={pictureOf(photo.id)} target="_blank" rel="noreferrer">
          <img
            src={pictureOf(photo.id)}
            alt={photo.says ? w.say('photos.of', { says: photo.says }) : w.name('photos', 'open')}
            width={photo.width}
            height={photo.height}
            loading="lazy"
          />
        </a>
        {photo.says && <span className="block">{photo.says}</span>}
        {under?.(photo)}
      </li>
    ))}
  </ul>
);

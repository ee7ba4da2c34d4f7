import { measurableAir, parseFigure, type MeasuredAir } from '@zymostat/core';
import { v7 as newId } from 'uuid';
import * as v from 'valibot';
import { figureBetween } from '../../ui/form/checks.ts';
import { TextControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { line } from '../../ui/form/lines.ts';
import { useFormOf } from '../../ui/form/useFormOf.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { Window } from '../../ui/Window.tsx';
import { useAppSelector } from '../../store/store.ts';
import { w } from '../../words/words.ts';
import { useMeasureAirMutation, useReadAirMutation } from './api.ts';
import type { Stop } from './stop.ts';

const { temperature: warm, humidity: damp } = measurableAir;
const percent = (fraction: number): number => Math.round(fraction * 100);
const airForm = v.object({
  temperature: line(figureBetween(warm.least, warm.most, '°C'), (text) => parseFigure(text)!),
  humidity: line(
    figureBetween(percent(damp.least), percent(damp.most), '%'),
    (text) => parseFigure(text)! / 100,
  ),
});
type AirLines = Record<keyof MeasuredAir, string>;

interface Props {
  roundId: string;
  stop: Stop;
  onClose: () => void;
}

const MeasuringForm = ({ roundId, stop, onClose }: Props) => {
  const form = useFormOf<AirLines, MeasuredAir>(airForm, { temperature: '', humidity: '' });
  const [measure, measuring] = useMeasureAirMutation();
  const [read, reading] = useReadAirMutation();
  const readIt = async () => {
    const { data } = await read();
    if (!data) return;
    const { temperature, humidity } = data;
    form.reset({ temperature: String(temperature), humidity: String(percent(humidity)) });
  };
  const goByIt = async (air: MeasuredAir) => {
    const { roomId } = stop;
    const { error } = await measure({ id: roundId, air: { id: newId(), roomId, ...air } });
    if (!error) onClose();
  };
  return (
    <Form onSubmit={form.handleSubmit(goByIt)}>
      <p className="mb-3">{w.name('roomAir', 'whatFor')}</p>
      <button type="button" className="btn min-h-14 w-full" onClick={() => void readIt()}>
        {w.name('roomAir', 'read')}
      </button>
      <div className="my-3 grid grid-cols-2 gap-3">
        <TextControl
          of={form.control}
          name="temperature"
          label={w.name('roomAir', 'temperature')}
          figure
        />
        <TextControl
          of={form.control}
          name="humidity"
          label={w.name('roomAir', 'humidity')}
          figure
        />
      </div>
      <WentWrong error={measuring.error ?? reading.error} />
      <button className="btn btn--main min-h-14 w-full" disabled={measuring.isLoading}>
        {w.name('roomAir', 'goByIt')}
      </button>
    </Form>
  );
};

/** What the room's own thermometer and hygrometer show, read or typed, before the first coat. */
const RoomAir = (props: Props) => {
  const online = useAppSelector(({ outbox }) => outbox.online);
  return (
    <Window open title={props.stop.roomName} onClose={props.onClose}>
      {online ? (
        <MeasuringForm {...props} />
      ) : (
        <p className="notice mb-3">{w.name('roomAir', 'needsSignal')}</p>
      )}
      <p className="mt-3">
        <button className="btn min-h-14 w-full" onClick={props.onClose}>
          {w.name('roomAir', 'close')}
        </button>
      </p>
    </Window>
  );
};
export default RoomAir;

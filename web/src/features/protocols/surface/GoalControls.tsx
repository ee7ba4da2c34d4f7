import type { SurfaceRow } from '@zymostat/contract';
import type { Goal, HouseRules } from '@zymostat/core';
import { Choice } from '../../../ui/form/Choice.tsx';
import { optionsOf } from '../../../ui/form/Field.tsx';
import { Switches } from '../../../ui/form/Switches.tsx';
import { w } from '../../../words/words.ts';
import { goalInWords } from '../words.ts';
import { Growth } from './Growth.tsx';
import type { SurfaceSetting } from './useSurfaceSetting.ts';

interface Props {
  surface: SurfaceRow;
  rules: HouseRules;
  setting: SurfaceSetting;
}

/** Reducing is a goal only where the company trusts vinegar with it, or it is set already. */
const goalsOf = ({ surface, rules }: Props): Goal[] =>
  rules.vinegar === 'household-reduction' || surface.setting.goal === 'reduce'
    ? ['clean', 'reduce', 'sanitise', 'disinfect']
    : ['clean', 'sanitise', 'disinfect'];

const Against = ({ surface: { setting }, setting: { set } }: Props) =>
  setting.goal === 'clean' && setting.against === 'everyday' ? (
    <button className="btn btn--quiet mb-1.5" onClick={() => set({ against: 'mildew' })}>
      {w.name('protocol', 'thereIsMildew')}
    </button>
  ) : (
    <Choice
      className="w-56"
      label={w.name('protocol', 'against')}
      value={setting.against}
      onChange={(against) => set({ against, accepted: null })}
      options={optionsOf(w.table('against'))}
    />
  );

const TakeOff = ({ setting: { chosen, set } }: Props) => (
  <button className="btn btn--quiet mb-1.5" onClick={() => set({ use: null, accepted: null })}>
    {w.say('protocol.takeOffAgain', {
      chosen: chosen ? w.name('family', chosen.family).toLowerCase() : w.name('protocol', 'it'),
    })}
  </button>
);

/** What a surface must be, and against what. */
export const GoalControls = (props: Props) => {
  const { surface, setting } = props;
  const { goal, against, growth, use } = surface.setting;
  return (
    <div className="mb-4 flex flex-wrap items-end gap-x-6 gap-y-3">
      <Switches
        label={w.name('protocol', 'mustBe')}
        value={goal}
        onChange={(to) => setting.set({ goal: to, use: null, accepted: null })}
        options={goalsOf(props).map((value) => ({ value, name: goalInWords[value] }))}
      />
      <Against {...props} />
      {against === 'mildew' && (
        <Growth
          key={growth ?? 'all'}
          value={growth}
          area={surface.area}
          onSave={(to) => setting.set({ growth: to })}
        />
      )}
      {use && <TakeOff {...props} />}
    </div>
  );
};

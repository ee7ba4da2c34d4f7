import type { SurfaceRow } from '@zymostat/contract';
import { activeFacts, families, type Compared, type Family } from '@zymostat/core';
import type { ReactNode } from 'react';
import { Severity } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';
import type { ProtocolNow } from '../useProtocol.ts';
import { sayCleaning } from '../words.ts';
import { FamilyRow } from './FamilyRow.tsx';
import type { SurfaceSetting } from './useSurfaceSetting.ts';

interface Props {
  protocol: ProtocolNow;
  surface: SurfaceRow;
  setting: SurfaceSetting;
  onDrying: (one: Compared) => void;
}

/** A row of one line: nothing is compared in it. */
const Line = ({
  family,
  name,
  children,
}: {
  family: string;
  name: string;
  children: ReactNode;
}) => (
  <article className="compare compare--line" data-family={family}>
    <div className="compare__name">
      <i className="compare__swatch fill" />
      <h2>{name}</h2>
    </div>
    {children}
  </article>
);

const OneFamily = (props: Props & { family: Family }) => {
  const { protocol, surface, setting, family, onDrying } = props;
  const one = setting.compared.find((candidate) => candidate.family === family);
  if (!one)
    return (
      <Line family={family} name={w.name('family', family)}>
        <p className="compare__why">{w.name('protocol', 'noStockAtHand')}</p>
      </Line>
    );
  return (
    <FamilyRow
      compared={one}
      stocks={protocol.stocks.filter((stock) => activeFacts[stock.active].family === family)}
      goal={surface.setting.goal}
      rules={protocol.judging.rules}
      set={one === setting.chosen}
      typed={setting.typed[family]}
      onType={(to) => setting.type(family, to)}
      onSet={() => setting.use(one)}
      onDrying={() => onDrying(one)}
    />
  );
};

const Cleaning = ({ surface }: { surface: SurfaceRow }) => (
  <Line family="soap" name={w.name('protocol', 'cleaning')}>
    <p className="compare__why flex items-baseline gap-3" style={{ margin: 0 }}>
      <Severity is="use" word={w.name('protocol', 'useFirst')} />
      <span>
        {w.say('protocol.dirtMakesTheSolutionToo', { material: sayCleaning(surface.material) })}
      </span>
    </p>
  </Line>
);

/** What each family could do here, a row each; a registered product where there is one. */
export const Families = (props: Props) => {
  const hasProduct = props.setting.compared.some(({ family }) => family === 'product');
  const shown: Family[] = hasProduct ? [...families, 'product'] : [...families];
  return (
    <>
      <div className="compare__head">
        <span>{w.name('protocol', 'family')}</span>
        <span>{w.name('protocol', 'strength')}</span>
        <span>{w.name('protocol', 'mustStayWet')}</span>
      </div>
      {shown.map((family) => (
        <OneFamily key={family} {...props} family={family} />
      ))}
      <Cleaning surface={props.surface} />
    </>
  );
};

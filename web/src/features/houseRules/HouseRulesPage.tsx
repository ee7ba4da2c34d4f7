import type { Me } from '@zymostat/contract';
import type { KeyOf } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { houseQuestions, schools, type HouseQuestion, type HouseRules } from '@zymostat/core';
import { Radio, RadioGroup } from '@headlessui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { useSetNumbersMutation } from '../people/api.ts';
import { useRuleEffectsQuery, useSetHouseRulesMutation } from '../protocols/api.ts';
import { written } from '../../ui/checks.ts';
import { TextField } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { StandingNote, Verdict, Waiting, WentWrong } from '../../ui/parts.tsx';

/** A school as the catalogue calls it. */
const schoolOf = (question: HouseQuestion, school: string) =>
  `${question}.${school}` as KeyOf<'school'>;

const Question = ({
  question,
  rules,
  onChange,
}: {
  question: HouseQuestion;
  rules: HouseRules;
  onChange: (school: string) => void;
}) => {
  const asks = w.name('houseAsks', question);
  return (
    <RadioGroup className="school" value={rules[question]} onChange={onChange} aria-label={asks}>
      <h2>{asks}</h2>
      {schools[question].map((school, i) => (
        <Radio key={school} value={school} className="school__one">
          <span className="school__mark" aria-hidden="true" />
          <span>
            <b className="font-semibold">{w.name('school', schoolOf(question, school))}</b>
            {i === 0 && (
              <span className="small soft">{w.name('housePage', 'asSetAtTheStart')}</span>
            )}
            <span className="small soft block">{w.name('trades', schoolOf(question, school))}</span>
          </span>
        </Radio>
      ))}
    </RadioGroup>
  );
};

/** Whom to call: these stand in every first response, on labels and on the poster. */
const Numbers = ({ company }: { company: Me['company'] }) => {
  const [emergencyNumber, setEmergency] = useState(company.emergencyNumber);
  const [poisonLine, setPoison] = useState(company.poisonLine);
  const [save, { error, isSuccess, isLoading }] = useSetNumbersMutation();
  const submit = () => {
    if (!written(emergencyNumber) && !written(poisonLine))
      void save({ emergencyNumber, poisonLine });
  };
  const same = emergencyNumber === company.emergencyNumber && poisonLine === company.poisonLine;
  return (
    <Form onSubmit={submit} className="mb-4 border-b border-ink pb-4">
      <h2 className="mb-2">{w.name('housePage', 'whomToCall')}</h2>
      <div className="flex flex-wrap items-end gap-3">
        <TextField
          className="w-44"
          label={w.name('housePage', 'emergencyLine')}
          figure
          value={emergencyNumber}
          onChange={setEmergency}
          check={written}
        />
        <TextField
          className="w-44"
          label={w.name('housePage', 'poisonLine')}
          figure
          value={poisonLine}
          onChange={setPoison}
          check={written}
        />
        <button className="btn" disabled={same || isLoading}>
          {w.name('housePage', 'saveTheNumbers')}
        </button>
        {isSuccess && same && (
          <span className="small met-ink pb-2" role="status">
            {w.name('housePage', 'saved')}
          </span>
        )}
      </div>
      <WentWrong error={error} />
    </Form>
  );
};

/**
 * Which school the company follows where practice differs; what a change makes untrue is shown
 * before it is saved.
 */
const HouseRulesPage = () => {
  const { data: me } = useMeQuery();
  const [chosen, setChosen] = useState<HouseRules>();
  const [save, saving] = useSetHouseRulesMutation();
  const stands = me?.company.houseRules;
  const rules = chosen ?? stands;
  const changes =
    stands && rules
      ? houseQuestions.filter((question) => stands[question] !== rules[question])
      : [];
  const effects = useRuleEffectsQuery(rules!, { skip: changes.length === 0 });
  if (!me || !stands || !rules)
    return (
      <main className="px-6">
        <Waiting what={w.name('housePage', 'theHouseRules')} />
      </main>
    );
  const flagged = effects.data?.reduce((sum, { flags }) => sum + flags.length, 0) ?? 0;
  const say =
    changes.length === 0
      ? w.name('housePage', 'whichSchoolDoWeFollow')
      : !effects.data
        ? w.name('housePage', 'lookingThroughTheApprovedProtocols')
        : flagged === 0
          ? w.name('housePage', 'noApprovedProtocolChangesBy')
          : w.say('housePage.approvedWouldHaveToBe', {
              flagged,
            });
  const submit = async () => {
    const result = await save(rules);
    if (!result.error) setChosen(undefined);
  };
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('housePage', 'houseRules')}>
        <div className="headline">
          <h1>{w.name('housePage', 'houseRules')}</h1>
        </div>
        <Numbers company={me.company} />
        {houseQuestions.map((question) => (
          <Question
            key={question}
            question={question}
            rules={rules}
            onChange={(school) => setChosen({ ...rules, [question]: school })}
          />
        ))}
      </section>
      <section className="sheet" aria-label={w.name('housePage', 'whatAChangeDoes')}>
        <Verdict
          say={say}
          why={
            changes.length === 0
              ? w.name('housePage', 'eachChoiceSaysWhatIt')
              : w.name('housePage', 'approvedProtocolsStayAsThey')
          }
        >
          {changes.length > 0 && (
            <button
              className="btn btn--main"
              disabled={saving.isLoading || !effects.data}
              onClick={() => void submit()}
            >
              {w.say('housePage.saveThe', { count: changes.length })}
            </button>
          )}
        </Verdict>
        {changes.length > 0 && (
          <p className="mb-3">
            <button className="btn btn--quiet" onClick={() => setChosen(undefined)}>
              {w.name('housePage', 'leaveItAsItWas')}
            </button>
          </p>
        )}
        <WentWrong error={effects.error ?? saving.error} />
        {changes.length > 0 && (
          <ul className="mb-4 grid gap-1">
            {changes.map((question) => (
              <li key={question}>
                <b className="font-semibold">{w.name('houseAsks', question)}</b>{' '}
                {w.name('school', schoolOf(question, stands[question]))} →{' '}
                {w.name('school', schoolOf(question, rules[question]))}
              </li>
            ))}
          </ul>
        )}
        {effects.data?.map(
          ({ homeId, homeName, flags }) =>
            changes.length > 0 && (
              <section key={homeId} className="mb-3">
                <h3>
                  <Link to={`/homes/${homeId}/protocol`}>{homeName}</Link>
                </h3>
                <table className="ledger table-fixed">
                  <tbody>
                    {flags.map((flag) => (
                      <tr key={flag.surfaceId}>
                        <td>{flag.roomName}</td>
                        <td>{flag.surfaceName}</td>
                        <td>
                          {w.name('flag', flag.why)}
                          {flag.why === 'longer' || flag.why === 'shorter'
                            ? w.say('housePage.minApproved', {
                                ceil: Math.ceil(flag.now / 60),
                                ceil2: Math.ceil(flag.approved / 60),
                              })
                            : ''}
                        </td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              </section>
            ),
        )}
        <StandingNote />
      </section>
    </main>
  );
};
export default HouseRulesPage;

import { versionHead } from '../messages/homes.ts';
import { houseRules } from '../messages/houseRules.ts';
import { ruleEffects, version } from '../messages/protocols.ts';
import { routes } from '../routes.ts';
import { byId, endpoint } from './endpoint.ts';

export const protocolsEndpoints = {
  ruleEffects: endpoint(
    routes.ruleEffects,
    'supervisor',
    'What a change of house rules would make untrue of approved protocols',
    { body: houseRules, answer: ruleEffects },
  ),
  setHouseRules: endpoint(
    routes.setHouseRules,
    'supervisor',
    'Change the house rules; approved protocols stay, and are flagged',
    { body: houseRules, answer: ruleEffects, seen: true },
  ),
  approve: endpoint(
    routes.approve,
    'supervisor',
    'Approve the protocol as it is set, as a new version',
    { params: byId, answer: versionHead, seen: true },
  ),
  version: endpoint(routes.version, 'person', 'One approved version', {
    params: byId,
    answer: version,
  }),
} as const;

import { FirstTables1767225600000 } from './migrations/1767225600000-first-tables.ts';
import { Bench1767312000000 } from './migrations/1767312000000-bench.ts';
import { HouseRules1767398400000 } from './migrations/1767398400000-house-rules.ts';
import { KeepApart1767484800000 } from './migrations/1767484800000-keep-apart.ts';
import { WhatWasSeen1767571200000 } from './migrations/1767571200000-what-was-seen.ts';
import { PeopleLanguage1767657600000 } from './migrations/1767657600000-people-language.ts';
import { TakenOnce1767744000000 } from './migrations/1767744000000-taken-once.ts';
import { LedgerAsWritten1767830400000 } from './migrations/1767830400000-ledger-as-written.ts';
import { WhatIsWet1767916800000 } from './migrations/1767916800000-what-is-wet.ts';
import { Verified1768003200000 } from './migrations/1768003200000-verified.ts';
import { SessionsListed1768089600000 } from './migrations/1768089600000-sessions-listed.ts';
import { CoatHolds1768176000000 } from './migrations/1768176000000-coat-holds.ts';
import { JoinedRounds1768262400000 } from './migrations/1768262400000-joined-rounds.ts';
import { Corrections1768348800000 } from './migrations/1768348800000-corrections.ts';
import { Reports1768435200000 } from './migrations/1768435200000-reports.ts';
import { LearntDrying1768521600000 } from './migrations/1768521600000-learnt-drying.ts';
import { RoomAir1768608000000 } from './migrations/1768608000000-room-air.ts';
import { CompaniesBegin1768694400000 } from './migrations/1768694400000-companies-begin.ts';
import { TrueStock1768780800000 } from './migrations/1768780800000-true-stock.ts';
import { WayIn1768867200000 } from './migrations/1768867200000-way-in.ts';
import { StockRead1768953600000 } from './migrations/1768953600000-stock-read.ts';
import { Photos1769040000000 } from './migrations/1769040000000-photos.ts';
import { StockKept1769126400000 } from './migrations/1769126400000-stock-kept.ts';
import { WhosePlace1769212800000 } from './migrations/1769212800000-whose-place.ts';
import { WayInKept1769299200000 } from './migrations/1769299200000-way-in-kept.ts';
import { Soil1769385600000 } from './migrations/1769385600000-soil.ts';
import { Jars1769472000000 } from './migrations/1769472000000-jars.ts';
import { Visits1769558400000 } from './migrations/1769558400000-visits.ts';
import { VisitsOfRounds1769644800000 } from './migrations/1769644800000-visitsOfRounds.ts';
import { Weeks1769731200000 } from './migrations/1769731200000-weeks.ts';
import { SettingOfVisits1769817600000 } from './migrations/1769817600000-settingOfVisits.ts';

/** Every change of how data is kept, oldest first. */
export const migrations = [
  FirstTables1767225600000,
  Bench1767312000000,
  HouseRules1767398400000,
  KeepApart1767484800000,
  WhatWasSeen1767571200000,
  PeopleLanguage1767657600000,
  TakenOnce1767744000000,
  LedgerAsWritten1767830400000,
  WhatIsWet1767916800000,
  Verified1768003200000,
  SessionsListed1768089600000,
  CoatHolds1768176000000,
  JoinedRounds1768262400000,
  Corrections1768348800000,
  Reports1768435200000,
  LearntDrying1768521600000,
  RoomAir1768608000000,
  CompaniesBegin1768694400000,
  TrueStock1768780800000,
  WayIn1768867200000,
  StockRead1768953600000,
  Photos1769040000000,
  StockKept1769126400000,
  WhosePlace1769212800000,
  WayInKept1769299200000,
  Soil1769385600000,
  Jars1769472000000,
  Visits1769558400000,
  VisitsOfRounds1769644800000,
  Weeks1769731200000,
  SettingOfVisits1769817600000,
];

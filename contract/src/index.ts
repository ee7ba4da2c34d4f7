export * from './languages.ts';
export * from './limits.ts';
export { alreadyHere, nameKey } from './nameKey.ts';
export * from './pictograms.ts';
export * from './routes.ts';
export * from './things.ts';
export type { Schema } from './parts/schema.ts';
export { boundsOf, id, type Bounded } from './parts/text.ts';
export * from './colours.ts';
export * from './fields/field.ts';
export * from './fields/home.ts';
export * from './fields/room.ts';
export * from './fields/surface.ts';
export { anchor, type Anchor } from './messages/anchor.ts';
export * from './messages/batches.ts';
export * from './messages/book.ts';
export * from './messages/bottles.ts';
export * from './messages/jars.ts';
export { LONGEST_WALK } from './messages/visits.ts';
export type { RoomSetting, VisitPlanRow } from './messages/visits.ts';
export type { OwnWeek, Week, WeekVisitRow } from './messages/week.ts';
export * from './messages/company.ts';
export * from './messages/drying.ts';
export * from './messages/homes.ts';
export * from './messages/houseRules.ts';
export * from './messages/invitations.ts';
export * from './messages/mishaps.ts';
export * from './messages/people.ts';
export { type PhotoRow } from './messages/photos.ts';
export * from './messages/places.ts';
export * from './messages/problem.ts';
export * from './messages/protocols.ts';
export * from './messages/recipes.ts';
export * from './messages/reports.ts';
export * from './messages/rounds.ts';
export * from './messages/sources.ts';
export * from './messages/stock.ts';
export * from './messages/verification.ts';
export { provedTables, type About, type ProvedTable } from './facts/about.ts';
export type { Refused } from './facts/refusal.ts';
export { outcomeOfWetTime } from './facts/wetTime.ts';
export * from './facts/index.ts';
export { isKeyed, type Endpoint, type Stream, type Who } from './endpoints/endpoint.ts';
export * from './endpoints/index.ts';
export type { Found } from './endpoints/find.ts';
export type { Board, BoardRound, BoardStop } from './endpoints/board.ts';
export type { Trends, WetCount } from './endpoints/trends.ts';
export type { LabelSheet } from './endpoints/batches.ts';
export type { PosterSheet } from './endpoints/book.ts';
export type { LogFilter } from './endpoints/mishaps.ts';
export {
  recordFilter,
  type ExportFilter,
  type RecordFilter,
  type Records,
} from './endpoints/records.ts';
export { fileSchemas, openapi } from './openapi.ts';

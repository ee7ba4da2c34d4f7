import * as laterNames from './laterNames.ts';
import * as grounds from './grounds.ts';
import * as changes from './changes.ts';
import * as hazards from './hazards.ts';
import * as houseRules from './houseRules.ts';
import * as label from './label.ts';
import * as mixtures from './mixtures.ts';
import * as problems from './problems.ts';
import * as recipes from './recipes.ts';
import * as records from './records.ts';
import * as apartPage from './pages/apart.ts';
import * as beginPage from './pages/begin.ts';
import * as joiningPage from './pages/joining.ts';
import * as jarsPage from './pages/jars.ts';
import * as findPage from './pages/find.ts';
import * as listsPage from './pages/lists.ts';
import * as surveyPage from './pages/survey.ts';
import * as shelfPage from './pages/shelf.ts';
import * as teamPage from './pages/team.ts';
import * as benchPage from './pages/bench.ts';
import * as housePagePage from './pages/housePage.ts';
import * as productsPage from './pages/products.ts';
import * as recordsPage from './pages/records.ts';
import * as sourcesPage from './pages/sources.ts';
import * as protocolPage from './pages/protocol.ts';
import * as reportPage from './pages/report.ts';
import * as todayPage from './pages/today.ts';
import * as trendsPage from './pages/trends.ts';
import * as visit from './visit.ts';
import * as visitPlanPage from './pages/visitPlan.ts';
import * as weekPage from './pages/week.ts';
import * as wetPagePage from './pages/wetPage.ts';

/** What is said elsewhere, in English. */
export const rest = {
  ...changes,
  ...hazards,
  ...houseRules,
  ...label,
  ...mixtures,
  ...problems,
  ...recipes,
  ...records,
  ...laterNames,
  ...grounds,
  ...apartPage,
  ...beginPage,
  ...joiningPage,
  ...jarsPage,
  ...findPage,
  ...listsPage,
  ...surveyPage,
  ...shelfPage,
  ...teamPage,
  ...benchPage,
  ...housePagePage,
  ...productsPage,
  ...recordsPage,
  ...sourcesPage,
  ...protocolPage,
  ...reportPage,
  ...todayPage,
  ...trendsPage,
  ...visit,
  ...visitPlanPage,
  ...weekPage,
  ...wetPagePage,
};

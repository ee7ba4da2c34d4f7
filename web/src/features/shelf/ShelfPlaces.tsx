import { Navigate, Route, Routes } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import BuyPage from './BuyPage.tsx';
import CostPage from './CostPage.tsx';
import { LastWeeks } from './LastWeeks.tsx';
import ShelfPage from './ShelfPage.tsx';

/** What the shelf holds; for supervisors also what it will need, and what it costs. */
const ShelfPlaces = () => {
  const { data: me } = useMeQuery();
  const supervisor = me?.person.role === 'supervisor';
  return (
    <Routes>
      <Route index element={<ShelfPage />} />
      {supervisor && <Route path="buy" element={<LastWeeks page={BuyPage} />} />}
      {supervisor && <Route path="cost" element={<LastWeeks page={CostPage} />} />}
      <Route path="*" element={<Navigate to="/shelf" replace />} />
    </Routes>
  );
};
export default ShelfPlaces;

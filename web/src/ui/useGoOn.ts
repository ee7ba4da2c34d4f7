import { useLocation, useNavigate, type NavigateOptions } from 'react-router';

/**
 * Goes on to a page once an answer has come; who has gone elsewhere in the meantime is not fetched
 * back from there.
 */
export const useGoOn = () => {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  return (to: string, options?: NavigateOptions) => {
    if (window.location.pathname === pathname) void navigate(to, options);
  };
};

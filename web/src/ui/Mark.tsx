/** The mark: a notch that is met. */
export const Mark = () => (
  <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
    <path d="M0 8h11l3 5 3-5h5v9H0z" fill="var(--ink)" />
    <path d="M10.6 3h6.8L14 8.8z" fill="var(--action)" />
  </svg>
);

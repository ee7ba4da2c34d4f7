/** What has become of a treatment that stands approved. */
export const flag = {
  never: 'would be refused now',
  care: 'wants a reason now',
  longer: 'takes longer now',
  shorter: 'takes less time now',
  gone: 'is no longer in the survey',
} as const;

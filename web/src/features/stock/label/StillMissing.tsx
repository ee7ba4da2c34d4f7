import type { FieldErrors } from 'react-hook-form';
import { useFormState } from 'react-hook-form';
import type { FormOf } from '../../../ui/form/useFormOf.ts';
import { w } from '../../../words/words.ts';
import type { ProductBody, ProductLines } from './productForm.ts';

/** What is still to be entered, in the order of the form. */
const missingOf = (errors: FieldErrors<ProductLines>): string[] => {
  const uses = Array.isArray(errors.uses) ? errors.uses.filter(Boolean) : [];
  const wanted: [boolean, string][] = [
    [Boolean(errors.name), w.name('products', 'itsNameAsOnThe')],
    [Boolean(errors.expires), w.name('products', 'theDayItIsGood')],
    [Boolean(errors.size), w.name('products', 'howMuchThereIsOf')],
    [Boolean(errors.price), w.name('products', 'aPriceALitreOr')],
    [Boolean(errors.groups), w.name('products', 'whatIsInItAt')],
    [uses.some((use) => use?.against), w.name('products', 'againstWhatEachUseIs')],
    [uses.some((use) => use?.minutes), w.name('products', 'theTimeOfEachUse')],
    [Boolean(errors.water), w.name('products', 'howMuchWaterToOne')],
    [Boolean(errors.days), w.name('products', 'howManyDaysTheDilution')],
    [Boolean(errors.hardness), w.name('products', 'theHardestWaterTheLabel')],
  ];
  return wanted.flatMap(([missing, what]) => (missing ? [what] : []));
};

/** Said once the form was sent off: a label with a gap is no label. */
export const StillMissing = ({ form }: { form: FormOf<ProductLines, ProductBody> }) => {
  const { errors, isSubmitted } = useFormState({ control: form.control });
  const missing = missingOf(errors);
  if (!isSubmitted || missing.length === 0) return null;
  return (
    <p role="alert" className="notice">
      <b>{w.name('products', 'stillToBeEntered')}</b> {missing.join(' ')}
    </p>
  );
};

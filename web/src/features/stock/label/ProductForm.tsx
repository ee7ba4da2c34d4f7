import { type StockRow } from '@zymostat/contract';
import { useState } from 'react';
import { Form } from '../../../ui/form/Form.tsx';
import { GoesOn } from '../../../ui/form/GoesOn.tsx';
import { useDraftedForm } from '../../../ui/form/useDraftedForm.ts';
import { WentWrong } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';
import { useAddProductMutation, useEditProductMutation } from '../api.ts';
import { GroupsAndMaterials, NameAndAmount, RegistrationAndDilution } from './LabelFields.tsx';
import { productForm, productLines, type ProductBody, type ProductLines } from './productForm.ts';
import { StillMissing } from './StillMissing.tsx';
import { UseFields } from './UseFields.tsx';

interface Props {
  product?: StockRow;
  onDone: (id: string) => void;
}

/**
 * Enters what a registered product's label says: what is in it, what it may do and for how long,
 * and what it may not touch.
 */
export const ProductForm = ({ product, onDone }: Props) => {
  const draft = useDraftedForm<ProductLines, ProductBody>(
    product ? null : 'product',
    productForm,
    productLines(product),
  );
  const { form } = draft;
  const [add, adding] = useAddProductMutation();
  const [seen] = useState(product?.revision ?? 0);
  const [edit, editing] = useEditProductMutation();
  const save = async (body: ProductBody) => {
    const result = product ? await edit({ id: product.id, body, seen }) : await add(body);
    if (!result.data) return;
    draft.done();
    onDone(result.data.id);
  };
  return (
    <Form className="grid max-w-[680px] gap-4" onSubmit={form.handleSubmit(save)}>
      <GoesOn of={draft} />
      <NameAndAmount form={form} />
      <RegistrationAndDilution form={form} />
      <UseFields form={form} />
      <GroupsAndMaterials form={form} />
      <StillMissing form={form} />
      <WentWrong error={adding.error ?? editing.error} />
      <p>
        <button className="btn btn--main" disabled={adding.isLoading || editing.isLoading}>
          {product ? w.name('products', 'saveTheLabel') : w.name('products', 'enterTheProduct')}
        </button>
      </p>
    </Form>
  );
};

import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import type { ReactNode } from 'react';

/** A dialog: asks once, named after the thing it is about. */
export interface WindowProps {
  open: boolean;
  title: string;
  onClose: () => void;
  wide?: boolean;
  children: ReactNode;
}

const DialogWindow = ({ open, title, onClose, wide = false, children }: WindowProps) => (
  <Dialog open={open} onClose={onClose}>
    <div className="veil" aria-hidden="true" />
    <div className="fixed inset-0 z-50 grid place-items-center p-4">
      <DialogPanel className={`dialog ${wide ? 'dialog--wide' : ''}`}>
        <DialogTitle as="h2" className="mb-3 text-xl">
          {title}
        </DialogTitle>
        {children}
      </DialogPanel>
    </div>
  </Dialog>
);

export default DialogWindow;

import { common } from '../../language/text';
import { Modal } from '../../ui/Modal';

interface Props {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** The keys of the workspace. */
export function KeysDialog({ open, onOpenChange }: Props) {
  return (
    <Modal title={common.keys.title} open={open} onOpenChange={onOpenChange}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
        {common.keys.list.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="font-semibold">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}

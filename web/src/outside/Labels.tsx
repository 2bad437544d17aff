import { useQuery } from '@tanstack/react-query';
import { Square, Tags } from 'lucide-react';
import { api } from '../api/client';
import type { Label } from '../api/types';
import { plural } from '../lib/time';
import { Button } from '../ui/Button';
import { Gauge } from '../ui/Gauge';
import { Modal } from '../ui/Modal';
import { LabelStrip } from './LabelStrip';
import { useOneByOne } from './useOneByOne';

/** A label for every bundle of a plan; a roll that ends is gone on with where it ended. */
export function Labels({ planId, onClose }: { planId: string; onClose: () => void }) {
  const labels = useQuery({ queryKey: ['labels', planId], queryFn: () => api.labels(planId) });
  const printing = useOneByOne((l: Label) => api.printLabel(planId, l.number));
  const all = labels.data ?? [];
  const isHalf = printing.done > 0 && printing.done < all.length;
  return (
    <Modal
      title="Labels for the bundles"
      lead="One for the shares of each hair, size and belt of the head, as they are put ready."
      isOpen
      onClose={onClose}
    >
      {labels.error && (
        <p role="alert" className="font-medium text-chalk">
          ✕ {labels.error.message}
        </p>
      )}
      <LabelStrip label="Labels of this plan" labels={all} />
      {printing.problem && (
        <p role="alert" className="font-medium text-chalk">
          ✕ {printing.problem}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-3">
        {printing.isRunning ? (
          <>
            <Gauge label="Printing" fraction={printing.done / Math.max(1, printing.of)} />
            <Button onClick={printing.stop}>
              <Square size={14} aria-hidden /> Stop
            </Button>
          </>
        ) : (
          <>
            <Button
              look="main"
              disabled={all.length === 0}
              onClick={() => void printing.run(all, isHalf ? printing.done : 0)}
            >
              <Tags size={16} aria-hidden />{' '}
              {isHalf
                ? `Go on with label ${printing.done + 1}`
                : `Print ${plural(all.length, 'label')}`}
            </Button>
            {isHalf && (
              <Button look="quiet" onClick={() => void printing.run(all)}>
                All of them anew
              </Button>
            )}
            {printing.done === all.length && all.length > 0 && <p role="status">All are out.</p>}
          </>
        )}
      </div>
    </Modal>
  );
}

import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, value } from '../../api/http';
import { newId } from '../../api/id';
import { useTurn } from '../../app/history';
import { keeping } from '../../app/kept';
import { notify } from '../../app/notice';
import type { Fabric, Wanted } from './useLayout';

/** Locks the lists of all parts that are cut from a fabric, takes it off the shelf, and puts what is left back. */
export function CutIt({
  project,
  fabric,
  wanted,
  parts,
}: {
  project: string;
  fabric: Fabric;
  wanted: Wanted;
  parts: string[];
}) {
  const queries = useQueryClient();
  const turn = useTurn();
  const [isOn, setOn] = useState(false);
  const cut = async () => {
    setOn(true);
    try {
      const done = await keeping(
        value(
          api.POST('/api/projects/{id}/cutting/cut', {
            params: { path: { id: project } },
            body: {
              layout: wanted,
              used: fabric.layout.used.mm,
              ids: Array.from({ length: parts.length + 2 * fabric.layout.left.length }, newId),
            },
          }),
        ),
      );
      notify({
        says: `Locked: ${done.parts.join(', ')}.${done.remnants.length > 0 ? ` ${done.remnants.length} ${done.remnants.length === 1 ? 'remnant' : 'remnants'} added to your supplies.` : ''}`,
        action: { label: 'Undo', run: () => void turn('undo') },
      });
    } finally {
      setOn(false);
      await queries.invalidateQueries();
    }
  };
  return (
    <button type="button" className="btn" disabled={isOn} onClick={() => void cut()}>
      I have cut it: lock {parts.length === 1 ? 'the list' : `all ${parts.length} lists`}
    </button>
  );
}

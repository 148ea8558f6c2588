import { useState } from 'react';
import { Link } from 'react-router';
import { isMine, useDrawer, useDrawerChanges, type Thing } from '../../app/drawer';
import { notify } from '../../app/notice';
import { remember, remembered } from '../../app/remembered';

const asked = 'machine-asked';

/** Which of the machines is sewn on, asked once; nothing where it is known. */
export function WhichMachine() {
  const [isAsked, setAsked] = useState(() => remembered(asked) !== null);
  const machines = useDrawer().data?.things.filter((t) => t.kind === 'machine');
  const { adjust } = useDrawerChanges();
  if (!machines || isAsked || machines.some(isMine)) return null;
  const done = () => {
    remember(asked, 'yes');
    setAsked(true);
  };
  const take = async (machine: Thing) => {
    await adjust(machine, { mine: true });
    notify({ says: `Settings are now for the ${machine.name}.` });
  };
  return (
    <section className="sheet flex flex-wrap items-center gap-3" aria-label="Which machine do you sew on?">
      <h2 className="mr-2">Which machine do you sew on?</h2>
      {machines.map((machine) => (
        <button key={machine.id} type="button" className="btn quiet" onClick={() => void take(machine)}>
          {machine.name}
        </button>
      ))}
      <Link className="btn quiet" to="/supplies/machine?add">
        {machines.length > 0 ? 'Another one' : 'Add my machine'}
      </Link>
      <button type="button" className="btn bare" onClick={done}>
        Later
      </button>
    </section>
  );
}

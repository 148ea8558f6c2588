import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Refused, value } from '../../api/http';
import { newId } from '../../api/id';
import { takeDraft, writeDraft } from '../../app/drafts';
import { keeping } from '../../app/kept';

const draftName = 'new-project';

/**
 * A project to begin: its name, and the day it is wanted by.
 * @param close Called with the project's id once it is kept, with nothing when there is to be none.
 */
export function NewProject({ close }: { close: (begun?: string) => void }) {
  const queries = useQueryClient();
  // One id for as long as the form is open: sent twice, it is still one project.
  const [id] = useState(newId);
  const [typed, setTyped] = useState(() => ({
    name: '',
    wantedBy: '',
    ...takeDraft<{ name: string; wantedBy: string }>(draftName),
  }));
  const [wrong, setWrong] = useState('');
  const type = (parts: Partial<typeof typed>) => {
    const next = { ...typed, ...parts };
    setTyped(next);
    writeDraft(draftName, next);
  };
  const begin = async () => {
    if (!typed.name.trim()) {
      setWrong('Please give it a name.');
      return;
    }
    try {
      await keeping(
        value(
          api.POST('/api/projects', {
            body: { id, name: typed.name.trim(), wantedBy: typed.wantedBy || null, notes: '' },
          }),
        ),
      );
    } catch (error) {
      setWrong(error instanceof Refused ? error.problem.title : 'It couldn’t be saved.');
      return;
    }
    writeDraft(draftName, {});
    await queries.invalidateQueries();
    close(id);
  };
  return (
    <form
      className="tacked flex flex-wrap items-end gap-4"
      aria-label="New project"
      onSubmit={(e) => {
        e.preventDefault();
        void begin();
      }}
    >
      <label className="field flex-1 basis-64">
        What are you making?
        <input
          className="entry"
          // The form was opened to type in at once.
          // eslint-disable-next-line jsx-a11y/no-autofocus
          autoFocus
          value={typed.name}
          maxLength={200}
          aria-invalid={Boolean(wrong)}
          aria-describedby="new-project-wrong"
          onChange={(e) => {
            setWrong('');
            type({ name: e.target.value });
          }}
        />
      </label>
      <label className="field">
        Needed by
        <input
          className="entry"
          type="date"
          value={typed.wantedBy}
          onChange={(e) => type({ wantedBy: e.target.value })}
        />
      </label>
      <div className="flex gap-2">
        <button className="btn">Create</button>
        <button type="button" className="btn quiet" onClick={() => close()}>
          Cancel
        </button>
      </div>
      <p id="new-project-wrong" className="wrong basis-full">
        {wrong}
      </p>
    </form>
  );
}

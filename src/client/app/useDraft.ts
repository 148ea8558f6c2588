import { useCallback, useEffect, useRef, useState } from 'react';
import { type Problem, Refused } from '../api/http';
import { leaveDraft, onForget, onLeft, over, settleDraft, takeDraft, writeDraft } from './drafts';
import { aboutToKeep, keeping, notKept, onKeepNow } from './kept';
import { notify } from './notice';

/** A pause in typing after which what was typed is kept. */
const pause = 400;

/** How long to wait before trying again when the program does not answer. */
const again = 3000;

/** How a draft is kept. */
export type Saving<D> = {
  /** Whether that which it changes has come, so that it can be kept. */
  isReady: boolean;
  /** Keeps what was typed; throws {@link Refused}. */
  save: (typed: D) => Promise<unknown>;
  /** What is left of a draft when a part of it has been kept. */
  without: (now: D, kept: D) => D;
  /** Another seat was first: takes over what it left. What was typed here then goes on top of that. */
  overtaken: (problem: Problem) => void;
  /** The group of fields that are typed one by one, where there is one. */
  group?: keyof D & string;
  /** Whether what is wrong there stands on the screen, so that it can be mended; else it is offered to be dropped. */
  isMendable?: (field: string) => boolean;
};

/**
 * What is typed over what is kept. Every change is kept after a pause and when the view is left; until then it survives
 * a reload, and after a failure it is tried again.
 * @param name What the draft is called in the browser's storage; one mounted at a time.
 */
export function useDraft<D extends object>(
  name: string,
  { isReady, save, without, group, ...on }: Saving<D>,
) {
  const [draft, setDraft] = useState(() => takeDraft<D>(name) as D);
  const [errors, setErrors] = useState<Record<string, string>>({});
  const latest = useRef(draft);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const isSending = useRef(false);
  const isShown = useRef(false);
  const flush = useRef<() => Promise<void>>(async () => {});

  const put = useCallback(
    (next: D) => {
      latest.current = next;
      writeDraft(name, next);
      aboutToKeep(name, !isEmpty(next));
      setDraft(next);
    },
    [name],
  );

  flush.current = async () => {
    clearTimeout(timer.current);
    const sent = latest.current;
    if (isSending.current || !isReady || isEmpty(sent)) return;
    isSending.current = true;
    const goesOn = await send(sent);
    isSending.current = false;
    // What was typed meanwhile.
    if (goesOn && !isEmpty(latest.current)) void flush.current();
  };

  /** Sends a draft; whether what is left of it can be sent at once. */
  const send = async (sent: D): Promise<boolean> => {
    try {
      await keeping(save(sent));
    } catch (error) {
      const problem = error instanceof Refused ? error.problem : null;
      if (problem?.status === 412) {
        on.overtaken(problem);
        return true;
      }
      if (problem?.status === 400) return refused(problem, sent);
      notKept(
        name,
        problem?.status ? problem.title : 'Not saved yet: no connection to the program. Trying again…',
      );
      timer.current = setTimeout(() => void flush.current(), again);
      return false;
    }
    notKept(name, null);
    setErrors({});
    put(without(latest.current, sent));
    settleDraft<D>(name, (draft) => without(draft, sent));
    return true;
  };

  /** A half-typed figure stays where it is typed until the next key; the rest is kept. */
  const refused = async (problem: Problem, sent: D): Promise<boolean> => {
    const wrong = problem.errors ?? {};
    aboutToKeep(name, false);
    const fields = Object.keys(wrong);
    const right = withoutFields(sent, fields, group);
    const strange = fields.find((field) => on.isMendable?.(field) === false);
    // Of a field that is not on the screen any more, the sign would say something that nobody can mend here.
    if (isShown.current && fields.some((field) => field !== strange)) {
      notKept(name, 'One entry needs correcting');
    }
    setErrors(Object.fromEntries(Object.entries(wrong).map(([field, says]) => [field, says.join(' ')])));
    if (strange && isShown.current) {
      notify({
        says: `“${strange}”, typed here before, does not fit any more: ${wrong[strange]?.join(' ')}`,
        action: {
          label: 'Drop it',
          run: () => {
            notKept(name, null);
            settleDraft<D>(name, (draft) => withoutFields(draft, [strange], group) ?? ({} as D));
            put(withoutFields(latest.current, [strange], group) ?? ({} as D));
            void flush.current();
          },
        },
      });
    }
    const isKept =
      right &&
      (await keeping(save(right)).then(
        () => true,
        () => false,
      ));
    const typedOn = latest.current !== sent;
    if (isKept) {
      put(without(latest.current, right));
      settleDraft<D>(name, (draft) => without(draft, right));
      aboutToKeep(name, false);
    }
    return typedOn;
  };

  const change = useCallback(
    (next: (now: D) => D, at: 'once' | 'pause' = 'pause') => {
      put(next(latest.current));
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void flush.current(), at === 'once' ? 0 : pause);
    },
    [put],
  );

  useEffect(() => {
    const keepNow = () => void flush.current();
    isShown.current = true;
    keepNow();
    const stopForgetting = onForget(() => {
      latest.current = {} as D;
      aboutToKeep(name, false);
      notKept(name, null);
      setErrors({});
      setDraft(latest.current);
    });
    const stopKeeping = onKeepNow(keepNow);
    const stopTaking = onLeft<D>(name, (left) => {
      put(over(left as D, latest.current));
      keepNow();
    });
    const leave = () => {
      keepNow();
      leaveDraft(name);
    };
    addEventListener('pagehide', leave);
    return () => {
      isShown.current = false;
      keepNow();
      aboutToKeep(name, false);
      notKept(name, null);
      stopForgetting();
      stopKeeping();
      stopTaking();
      removeEventListener('pagehide', leave);
    };
  }, [name, isReady, put]);

  return { draft, errors, change };
}

/** A refused draft without what is wrong: a field, a field of its group, or the part that it belongs to; null when nothing is left. */
function withoutFields<D extends object>(draft: D, wrong: string[], group?: keyof D & string): D | null {
  const heads = wrong.map((field) => field.split(/[.[]/)[0]);
  const inGroup = (group && draft[group]) as object | undefined;
  const left = Object.fromEntries(
    Object.entries(draft).filter(([part]) => part !== group && !heads.includes(part)),
  );
  const leftOfGroup = Object.entries(inGroup ?? {}).filter(([field]) => !heads.includes(field));
  if (group && leftOfGroup.length > 0 && !heads.includes(group))
    left[group] = Object.fromEntries(leftOfGroup);
  return isEmpty(left) ? null : (left as D);
}

/** A draft of plain fields without those that were sent and have not been typed over since. */
export function fieldsWithout<D extends object>(now: D, sent: D): D {
  return Object.fromEntries(
    Object.entries(now).filter(
      ([field, is]) => JSON.stringify(is) !== JSON.stringify(sent[field as keyof D]),
    ),
  ) as D;
}

/** The same for a draft of which one part is a group of fields: what is left of the group is looked at field by field. */
export const groupWithout =
  <K extends string>(group: K) =>
  <D extends { [P in K]?: object }>(now: D, sent: D): D => {
    const left = fieldsWithout<object>(now[group] ?? {}, sent[group] ?? {});
    const rest = fieldsWithout({ ...now, [group]: undefined }, { ...sent, [group]: undefined });
    return { ...rest, ...(isEmpty(left) ? {} : { [group]: left }) } as D;
  };

/** The newest version of a record that is known: what the server answered, or what it is shown with. */
export function useVersion(shown: number) {
  const version = useRef(shown);
  useEffect(() => {
    version.current = Math.max(version.current, shown);
  }, [shown]);
  return version;
}

const isEmpty = (draft: object) => Object.keys(draft).length === 0;

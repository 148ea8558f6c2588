import { cloneElement, Suspense, useState, type ComponentProps, type ReactElement } from 'react';
import { later } from '../later';

const TechniqueList = later(async () => (await import('./TechniqueList')).TechniqueList);

export type MenuProps = {
  /** What opens it: a button. */
  children: ReactElement<ComponentProps<'button'>>;
  /** What one is called here; what beginning it is called where nothing is entered. */
  titleOf?: 'begin' | 'short';
  choose: (technique: string) => void;
  /** Where somebody goes who does not know yet. */
  unsure: () => void;
};

/** How it was opened before the list had come. */
export type OpenedBy = 'key' | 'pointer' | undefined;

/** A button that opens the list of techniques; pressed before the list has come, it opens with it. */
export function TechniqueMenu(props: MenuProps) {
  const [opened, setOpened] = useState<OpenedBy>();
  return (
    <Suspense
      fallback={cloneElement(props.children, {
        // A press of a key is a click without a pointer.
        onClick: (e) => setOpened(e.detail === 0 ? 'key' : 'pointer'),
      })}
    >
      <TechniqueList {...props} opened={opened} />
    </Suspense>
  );
}

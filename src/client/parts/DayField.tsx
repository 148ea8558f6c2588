import { useState } from 'react';
import type { Units } from '../api/types';
import { inDays } from '../app/dates';

type Props = { label: string; day: string; set: (day: string) => void; units: Units };

/** A day, written in the workroom's own way; while it is typed the browser's own field takes it. */
export function DayField({ label, day, set, units }: Props) {
  const [isTyping, setTyping] = useState(false);
  return (
    <span className="relative inline-flex items-center">
      <input
        type="date"
        aria-label={label}
        className={`min-h-11 rounded bg-transparent ${isTyping || !day ? 'text-ink' : 'day-written'}`}
        value={day}
        onFocus={() => setTyping(true)}
        onBlur={() => setTyping(false)}
        onChange={(e) => set(e.target.value)}
      />
      {!isTyping && day && (
        <span className="pointer-events-none absolute left-1 text-ink" aria-hidden>
          {inDays(day, units)}
        </span>
      )}
    </span>
  );
}

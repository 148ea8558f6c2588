import { useQuery } from '@tanstack/react-query';
import { api, value } from '../../api/http';
import { PageHead } from '../../app/PageHead';
import { DrawerRooms } from './Drawer';

/** Every rule of what fits what, as the rules themselves say it. */
export function Rules() {
  const rules = useQuery({
    queryKey: ['rules'],
    staleTime: Infinity,
    queryFn: () => value(api.GET('/api/fit/rules')),
  }).data;
  const part = (gravest: string) => rules?.filter((r) => r.gravest === gravest) ?? [];
  return (
    <>
      <PageHead title="Compatibility rules" crumb="what is checked before the first stitch" />
      <DrawerRooms here="rules" />
      <div className="grid items-start gap-5 lg:grid-cols-2">
        {[
          { gravest: 'stop', title: 'Rules that stop you', says: 'It would fail or cause damage.' },
          { gravest: 'care', title: 'Rules that warn you', says: 'It works but may fray, skip or mark.' },
        ].map(({ gravest, title, says }) => (
          <section key={gravest} className="sheet" aria-label={title}>
            <h2 className="fig text-xl">{title}</h2>
            <p className="mb-2 text-soft">{says}</p>
            <dl className="grid gap-2">
              {part(gravest).map((rule) => (
                <div key={rule.code} className="border-t border-rule pt-2">
                  <dt className="font-bold">{rule.code.replace('-', ' ')}</dt>
                  <dd className="text-[0.95rem]">{rule.checks}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
      <p className="noted mt-5 max-w-3xl">
        What is not known is never passed over in silence: the answer says what could not be checked. And what
        you tried yourself, and noted, counts for more than any sum. No sum replaces the handwheel: power off
        or the foot control away before hands go near the needle.
      </p>
    </>
  );
}

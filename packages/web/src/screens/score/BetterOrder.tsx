import { useMutation } from '@tanstack/react-query';
import type { Person } from '@lotus-steady/requests';
import { TOOL } from '../../parts/button-styles.js';
import { explain } from '../../parts/Failure.js';
import { useAsanaNames } from '../../parts/use-asana-names.js';
import type { ClassAsked } from '../../worker/answers.js';
import { findBetterOrder } from '../../worker/queries.js';
import type { useEdits } from './use-edits.js';
import { t } from '../../words/t.js';

interface Props {
  readonly people: readonly Person[];
  readonly asked: ClassAsked;
  readonly day: string;
  readonly edits: ReturnType<typeof useEdits>;
}

/** Lets steps change places inside their sections where that spares the class something. */
export function BetterOrder({ people, asked, day, edits }: Props) {
  const asanas = useAsanaNames();
  const { text } = edits.now;
  const search = useMutation({
    mutationFn: (from: string) => findBetterOrder(from, people, asked, day),
    onSuccess: (found) => found && edits.apply({ text: found.text, pins: found.pins }),
  });
  const moved = search.data?.moved.map((id) => asanas?.get(id) ?? id).join(', ');
  // What was found is told until something else changes.
  const isFresh = search.isSuccess && (search.data?.text ?? search.variables) === text;
  return (
    <>
      <button type="button" className={TOOL} disabled={search.isPending} onClick={() => search.mutate(text)}>
        {t('Better order')}
      </button>
      <span role="status" className="whitespace-nowrap">
        {search.isPending && t('Trying other orders …')}
        {isFresh && (moved === undefined ? t('No better order inside the sections.') : t('Moved: {moved}.', { moved }))}
        {search.isError && explain(search.error)}
      </span>
    </>
  );
}

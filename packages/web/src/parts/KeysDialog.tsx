import { Link } from 'react-router';
import { KEYS } from '../screens/help/keys.js';
import { Interruption } from './Interruption.js';
import { t } from '../words/t.js';

/** The keys, wherever one is. */
export default function KeysDialog({ onClose }: { onClose: () => void }) {
  return (
    <Interruption open onClose={onClose} title={t('Keys')}>
      <KeyList />
      <p className="mt-3">
        <Link to="/help" className="underline" onClick={onClose}>
          {t('How it all goes')}
        </Link>
      </p>
    </Interruption>
  );
}

export function KeyList() {
  return (
    <>
      {KEYS.map(({ where, keys }) => (
        <section key={where} className="mt-3">
          <h3 className="text-base">{where}</h3>
          <dl className="grid grid-cols-[9rem_1fr] gap-x-3 text-sm">
            {keys.map(([key, does]) => (
              <div key={key} className="contents">
                <dt className="font-semibold">{key}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </>
  );
}

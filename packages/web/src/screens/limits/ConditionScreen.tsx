import { findCondition } from '@lotus-steady/core';
import { Link, useParams } from 'react-router';
import { ConditionView } from './ConditionView.js';
import { t } from '../../words/t.js';

export function ConditionScreen() {
  const { condition: id = '' } = useParams();
  const condition = findCondition(id);
  if (condition) return <ConditionView key={id} condition={condition} />;
  return (
    <>
      <h1 className="text-2xl">{t('No such condition')}</h1>
      <p className="mt-2">
        {t('Nothing here is called “{id}”.', { id })} <Link to="/limits">{t('All conditions')}</Link>
      </p>
    </>
  );
}

import { findCondition } from '@lotus-steady/core';
import { Link, useParams } from 'react-router';
import { ConditionView } from './ConditionView.js';

export function ConditionScreen() {
  const { condition: id = '' } = useParams();
  const condition = findCondition(id);
  if (condition) return <ConditionView key={id} condition={condition} />;
  return (
    <>
      <h1 className="text-2xl">No such condition</h1>
      <p className="mt-2">
        Nothing here is called “{id}”. <Link to="/limits">All conditions</Link>
      </p>
    </>
  );
}

import { useParams } from 'react-router';
import { Chair } from './Chair';

/** The chair of one visit; another visit is another chair. */
export function ChairPage() {
  const { visitId = '' } = useParams();
  return <Chair key={visitId} id={visitId} />;
}

import { useEffect, useState } from 'react';
import { useCardSession } from '../../session/CardSession';

/** Anything longer shows that it goes on. */
const longMilliseconds = 500;

/** That order and evenings are still looked for, with what ends it; and that it was ended, with what goes on. */
export function WorkingLine() {
  const { process, plan } = useCardSession();
  const { isWorking, isStopped, stop, resume } = process;
  const isLong = useIsLong(isWorking);
  const { copies } = plan.making;
  if (isStopped)
    return (
      <span role="status">
        Stopped; what is shown may be of the card as it was.{' '}
        <button type="button" className="link" onClick={resume}>
          Plan on
        </button>
      </span>
    );
  if (!isLong) return null;
  return (
    <span role="status">
      {copies > 1 ? `Planning ${copies} copies` : 'Looking for an order with fewer changes'}…{' '}
      <button type="button" className="link" onClick={stop}>
        Stop
      </button>
    </span>
  );
}

/** Whether something has gone on for longer than one waits gladly. */
function useIsLong(isOn: boolean): boolean {
  const [isLong, setLong] = useState(false);
  useEffect(() => {
    if (!isOn) return undefined;
    const timer = setTimeout(() => setLong(true), longMilliseconds);
    return () => {
      clearTimeout(timer);
      setLong(false);
    };
  }, [isOn]);
  return isOn && isLong;
}

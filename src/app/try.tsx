'use client';
import { useEffect, useState } from 'react';
import { startFitClient } from '@/workers/fit-client';
export function Try() {
  const [t, setT] = useState('…');
  useEffect(() => {
    (async () => {
      const r = await (
        await fetch('/api/runs', {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ title: 'x', list: 'Anna\nBernd' }),
        })
      ).json();
      const c = startFitClient();
      try {
        const f = await c.fit(r.spec);
        setT('OK ' + c.paths.pathOf(0).length + ' ' + f?.fits[0]?.inkWidthMm);
      } catch (e) {
        setT('ERR ' + e);
      }
    })();
  }, []);
  return <p id="t">{t}</p>;
}

import { type Act, type Deed, foldActs, lastDeedOf } from '@/core/ledger';
import { type Bench, cpuMs } from './bench';

const NUM_ACTS = 100_000;

/** What a busy year of one run might come to: every stage of many pieces, some spoiled, some undone. */
function manyActs(): Act[] {
  const at = '2027-01-01T08:00:00Z';
  const id = (letter: string, i: number) => letter + String(i).padStart(9, '0');
  return Array.from({ length: NUM_ACTS }, (_, i): Act => {
    const itemId = `${id('a', i % 20_000)}-ause000001-1`;
    const pieceId = `${itemId}-aplace0001-alayer0001-1`;
    const deeds: Deed[] =
      i % 50 === 49
        ? [{ kind: 'undone', actId: `act-${i - 1}` }]
        : i % 97 === 0
          ? [{ kind: 'spoiled', pieces: [{ pieceId, attempt: 1 }], blankLost: false, reason: 'torn', note: '' }]
          : [{ kind: i % 2 === 0 ? 'cut' : 'weeded', pieceId, attempt: 1, passId: null }];
    return { id: `act-${i}`, seq: i + 1, by: { who: '', station: `s${i % 3}` }, at, receivedAt: at, deeds };
  });
}

const acts = manyActs();

export const LEDGER_BENCHES: readonly Bench[] = [
  {
    name: 'fold of 100,000 acts',
    target: '≤ 60 ms',
    run: () => {
      let size = 0;
      const ms = cpuMs(() => {
        size = foldActs(acts).cut.size;
      });
      return { ms, note: `${size} cuttings` };
    },
  },
  {
    name: 'what a station could undo after 100,000 acts',
    target: 'none set',
    run: () => ({ ms: cpuMs(() => lastDeedOf(acts, 's1')), note: '' }),
  },
];

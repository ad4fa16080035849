import { DataNotice } from '@/features/runs/data-notice';
import { dataNotices, getContext } from '@/services';

/** What somebody has to know of the kept data, above every page. */
export async function DataNotices() {
  const { keeper } = await getContext();
  const state = keeper.state();
  const sentences = dataNotices(state);
  return sentences.length === 0 ? null : <DataNotice sentences={sentences} hasLoss={state.loss !== null} />;
}

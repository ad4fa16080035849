import type { CaseForm } from '@/core/shop';

/** How letters are set, each said in itself. */
export const CASE_WORDS: Record<CaseForm, string> = {
  asTyped: 'as typed',
  capitals: 'CAPITALS',
  title: 'Capital Initials',
};

import type { RunReport } from '@/core/report';
import { hasStop } from '@/core/finding';
import { placeAt } from '@/core/edit';
import type { CheckedFit } from '@/core/checks';
import { templatePdf } from '../documents/template-pdf';
import type { TemplateRequest } from './compute';

/** The template of the wished entry, on the size and colour that it gets; without one, of the widest text that may be cut. */
export function templateOf({ wish, frozen, today }: TemplateRequest, report: RunReport): Promise<Uint8Array> {
  const { useId, placeId, entryId, paper, length } = wish;
  const here = report.checked.fits.filter(
    ({ fit: { slot } }) => slot.ref.useId === useId && slot.ref.placeId === placeId,
  );
  const checked = entryId === null ? widestOf(here) : (here.find(({ fit }) => fit.slot.entry.id === entryId) ?? null);
  const fit = checked?.fit ?? null;
  const place = placeAt(report.spec, { useId, placeId, variantId: fit?.slot.variant?.id ?? null });
  return templatePdf({ spec: report.spec, place, fit, frozen, paper, length, today });
}

function widestOf(here: readonly CheckedFit[]): CheckedFit | null {
  return here
    .filter(({ findings }) => !hasStop(findings))
    .reduce<CheckedFit | null>(
      (widest, one) => (!widest || one.fit.inkWidthMm > widest.fit.inkWidthMm ? one : widest),
      null,
    );
}

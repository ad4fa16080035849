import { cutFile, fileNameOf } from '@/services';
import { attachment } from '../../../../../../_http/attachment';
import { answerWith, route } from '../../../../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route<{ id: string; no: string }>(async ({ params, context }) => {
  if (!/^[1-9]\d{0,5}$/.test(params.no)) return { kind: 'noSuchAddress' };
  const name = await fileNameOf(context, params.id, `pass-${params.no}.svg`);
  return answerWith(await cutFile(context, params.id, Number(params.no)), (svg) =>
    attachment(svg, 'image/svg+xml; charset=utf-8', name),
  );
});

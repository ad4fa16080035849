import { motifDrawing } from '@/services';
import { attachment } from '../../../../../_http/attachment';
import { answerWith, route } from '../../../../../_http/route';

export const dynamic = 'force-dynamic';

/** A motif as a file that other programs open; read again it is the same motif. */
export const GET = route<{ shelf: string; id: string }>(async ({ params: { shelf, id }, context }) =>
  shelf === 'motifs'
    ? answerWith(await motifDrawing(context, id), ({ svg, fileName }) =>
        attachment(svg, 'image/svg+xml; charset=utf-8', fileName),
      )
    : { kind: 'noSuchAddress' },
);

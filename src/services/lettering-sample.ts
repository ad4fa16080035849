import { z } from 'zod';
import { letteringSchema } from '@/core/shop';
import { type Outcome, fail, ok } from '@/core/outcome';
import type { AlternateSample, SampleAnswer } from './compute/sample';
import type { Context } from './context';
import { issuesOfZod } from './input-issues';
import type { ServiceProblem } from './problem';

const sampleSchema = z.object({
  lettering: letteringSchema,
  text: z.string().min(1).max(120),
  isMonogram: z.boolean().optional(),
});

/** A text in a lettering as it would be cut, whether the shop keeps that lettering or it is just being made. */
export async function letteringSample(
  { compute }: Context,
  candidate: unknown,
): Promise<Outcome<{ readonly sample: SampleAnswer | null }, ServiceProblem>> {
  const parsed = sampleSchema.safeParse(candidate);
  if (!parsed.success) return fail({ kind: 'invalidInput', issues: issuesOfZod(parsed.error) });
  const { lettering, text, isMonogram = false } = parsed.data;
  return ok({ sample: await compute.sample({ lettering, text, isMonogram }) });
}

const alternatesSchema = z.object({ lettering: letteringSchema, text: z.string().trim().min(1).max(60) });

/** Other letters that the face of a lettering has for those of a text, each drawn with them. */
export async function letteringAlternates(
  { compute }: Context,
  candidate: unknown,
): Promise<Outcome<{ readonly alternates: readonly AlternateSample[] }, ServiceProblem>> {
  const parsed = alternatesSchema.safeParse(candidate);
  if (!parsed.success) return fail({ kind: 'invalidInput', issues: issuesOfZod(parsed.error) });
  return ok({ alternates: await compute.alternates(parsed.data) });
}

import { redirect } from 'next/navigation';

/** A run opens at its list. */
export default async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  redirect(`/runs/${(await params).id}/roster`);
}

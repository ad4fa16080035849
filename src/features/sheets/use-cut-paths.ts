'use client';

import { useEffect, useState } from 'react';

/** Shapes of a made pass by piece, read from its cut file; empty until it is there and when `no` is null. */
export function useCutPaths(runId: string, no: number | null): ReadonlyMap<string, string> {
  const [read, setRead] = useState<{ no: number; paths: ReadonlyMap<string, string> } | null>(null);
  useEffect(() => {
    if (no === null) return;
    let isCurrent = true;
    void fetch(`/api/runs/${runId}/passes/${no}/cut.svg`)
      .then((response) => (response.ok ? response.text() : ''))
      .then((svg) => isCurrent && setRead({ no, paths: pathsOfSvg(svg) }))
      .catch(() => undefined);
    return () => {
      isCurrent = false;
    };
  }, [runId, no]);
  return read && read.no === no ? read.paths : new Map();
}

function pathsOfSvg(svg: string): ReadonlyMap<string, string> {
  const file = new DOMParser().parseFromString(svg, 'image/svg+xml');
  return new Map(
    [...file.querySelectorAll('g')].map((group) => [
      group.id.replace(/^piece-/, ''),
      [...group.querySelectorAll('path')].map((path) => path.getAttribute('d') ?? '').join(''),
    ]),
  );
}
